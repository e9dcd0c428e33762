import type { Field, Shape } from '@hammock/core';
import {
  ChoiceField,
  ChoiceListField,
  FlagField,
  NestedField,
  NestedListField,
  NumberField,
  TextField,
  TextListField,
} from './fields.js';

type Dto<T extends object> = new () => T;

const MADE = new Map<Shape, Dto<object>>();

/** The DTO class of a shape of the core: its checks and its place in the API document are the shape's fields. */
export function dtoOf<T extends object>(shape: Shape): Dto<T> {
  const known = MADE.get(shape);
  if (known) return known as Dto<T>;
  const name = `${shape.name}Dto`;
  // The name is what the document lists it under.
  const made = { [name]: class {} }[name] as Dto<T>;
  MADE.set(shape, made);
  for (const [key, field] of Object.entries(shape.fields)) decoratorOf(field)(made.prototype as object, key);
  return made;
}

function decoratorOf(field: Field): PropertyDecorator {
  switch (field.kind) {
    case 'number':
      return NumberField(field.range, field);
    case 'text':
      return TextField(field.most, field);
    case 'texts':
      return TextListField(field.most, field);
    case 'flag':
      return FlagField(field);
    case 'choice':
      return ChoiceField(field.choices, field);
    case 'choices':
      return ChoiceListField(field.choices, field);
    case 'one':
      return NestedField(() => dtoOf(field.of), field);
    case 'many':
      return NestedListField(() => dtoOf(field.of), field.most, field);
  }
}
