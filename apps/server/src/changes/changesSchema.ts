import type { OpenAPIObject } from '@nestjs/swagger';

type Schema = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>[string];

const ref = (name: string): Schema => ({ $ref: `#/components/schemas/${name}` });
const TAKEN_AWAY: Schema = {
  type: 'object',
  properties: {
    deletedAtMs: {
      type: 'number',
      nullable: true,
      description: 'When it was taken away; null where it is there',
    },
  },
};
const rows = (name: string): Schema => ({ type: 'array', items: { allOf: [ref(name), TAKEN_AWAY] } });

/** What was stored since a revision, by kind; each row as its own route gives it. */
export const CHANGES_SCHEMA: Schema = {
  type: 'object',
  required: ['nowMs', 'revision', 'more', 'reset', 'epoch'],
  properties: {
    nowMs: { type: 'number', description: 'The server’s clock when it replied, ms since the epoch' },
    revision: { type: 'integer', description: 'Up to where this reply goes; ask again from here' },
    more: { type: 'boolean', description: 'There is more than one reply can hold' },
    reset: {
      type: 'boolean',
      description: 'Everything was erased, replaced or put back since: read all of it again',
    },
    epoch: {
      type: 'string',
      description: 'Name it with the next question, and as X-Hammock-Epoch with what is written',
    },
    household: ref('Household'),
    bags: rows('Bag'),
    vessels: rows('Vessel'),
    hobs: rows('Hob'),
    cups: rows('Cup'),
    dishes: rows('Dish'),
    ingredients: rows('OwnIngredient'),
    methods: rows('OwnMethod'),
    steamTests: rows('SteamTest'),
    plans: rows('Plan'),
    cooks: { type: 'array', items: ref('CookLine') },
    taps: { type: 'array', items: ref('TapRow') },
  },
};
