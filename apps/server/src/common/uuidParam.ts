import { type PipeTransform } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { ProblemException } from './problems.js';

/** A path parameter that must be a UUID; says which one is not. */
export class UuidParam implements PipeTransform<string, string> {
  constructor(private readonly name: string) {}

  transform(value: string): string {
    if (isUUID(value)) return value.toLowerCase();
    throw new ProblemException(400, 'validation', 'Some fields cannot be read', [
      { field: this.name, code: 'isUuid', message: 'This must be a UUID.' },
    ]);
  }
}
