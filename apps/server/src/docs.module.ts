import { Controller, Get, Injectable, Module } from '@nestjs/common';
import { ApiExcludeController, type OpenAPIObject } from '@nestjs/swagger';
import { Allow } from './guard/allow.js';

/** The document of the API; made from all routes once they are there. */
@Injectable()
export class ApiDocument {
  private made: OpenAPIObject | undefined;
  private make: () => OpenAPIObject = () => {
    throw new Error('nobody said how the document is made');
  };

  makeBy(make: () => OpenAPIObject): void {
    this.make = make;
  }

  read(): OpenAPIObject {
    return (this.made ??= this.make());
  }
}

@ApiExcludeController()
@Controller('api/docs-json')
export class DocsController {
  constructor(private readonly document: ApiDocument) {}

  @Get()
  @Allow('cook')
  read(): OpenAPIObject {
    return this.document.read();
  }
}

/** What the API is, as OpenAPI has it. */
@Module({ controllers: [DocsController], providers: [ApiDocument] })
export class DocsModule {}
