import { Injectable, type PipeTransform } from '@nestjs/common';
import { fits, type Shape } from '@hammock/core';
import { dtoOf } from './dtoOf.js';
import { validation } from './validation.js';

/**
 * Lets a body of this shape through as it is; anything else is gone through field by field by its DTO class, which
 * says what is wrong and where. The two read the same description, so what fits has nothing wrong with it, and the
 * walk through decorators, a third of the price of an answer, is left for those that need it.
 */
@Injectable()
export class ShapePipe<T extends object> implements PipeTransform<unknown, Promise<T>> {
  private readonly byField;

  constructor(private readonly shape: Shape) {
    this.byField = validation(dtoOf<T>(shape));
  }

  async transform(body: unknown): Promise<T> {
    if (fits(body, this.shape)) return body as T;
    return (await this.byField.transform(body, { type: 'body' })) as T;
  }
}
