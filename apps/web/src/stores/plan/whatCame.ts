import { planFromLink, recipesIn, toldOf, type LinkProblem, type SharedPlan } from '@hammock/core/exchange';
import type { SharedText } from './sharedIn.js';

/** Longest telling that Pour takes up, characters. */
const LONGEST_TELLING = 60_000;

/** What a text was found to be. */
export type Found =
  | { readonly kind: 'plan'; readonly plan: SharedPlan }
  | { readonly kind: 'noPlan'; readonly why: LinkProblem }
  | { readonly kind: 'recipes'; readonly told: readonly { readonly name: string; readonly text: string }[] }
  | { readonly kind: 'archive'; readonly text: string }
  | { readonly kind: 'table'; readonly text: string }
  | { readonly kind: 'telling'; readonly text: string }
  | { readonly kind: 'nothing' };

const PLAN = /#plan=([\w-]+)/u;

/**
 * Finds out what came in: a plan in a link, everything of a household, recipes in a file or a saved page, a table, or a telling.
 * Nothing is changed by it.
 */
export function whatCame({ name, text }: SharedText): Found {
  const [, link] = PLAN.exec(text.slice(0, 60_000)) ?? [];
  if (link !== undefined && !text.includes('\n')) {
    const plan = planFromLink(link);
    return plan.ok ? { kind: 'plan', plan: plan.value } : { kind: 'noPlan', why: plan.error };
  }
  const json = parsed(text);
  if (isArchive(json)) return { kind: 'archive', text };
  const recipes = (json === undefined ? pageData(text) : [json]).flatMap(recipesIn);
  if (recipes.length > 0)
    return {
      kind: 'recipes',
      told: recipes.map((r) => ({ name: r.name ?? 'A recipe', text: toldOf(r).slice(0, LONGEST_TELLING) })),
    };
  if (json !== undefined) return { kind: 'nothing' };
  if (/\.csv$/iu.test(name)) return { kind: 'table', text };
  const words = /<html|<body|<!doctype html/iu.test(text.slice(0, 5000)) ? pageWords(text) : text.trim();
  return words === '' ? { kind: 'nothing' } : { kind: 'telling', text: words.slice(0, LONGEST_TELLING) };
}

/** A pasted text as it would be told: a recipe in a program's form, or in a page's, becomes its lines; all else stays. */
export function asTelling(text: string): string {
  const found = whatCame({ name: 'pasted', text });
  return found.kind === 'recipes' ? (found.told[0]?.text ?? text) : text;
}

const isArchive = (json: unknown): boolean =>
  typeof json === 'object' && json !== null && (json as { format?: unknown }).format === 'hammock.archive';

function parsed(text: string): unknown {
  if (!/^\s*[[{]/u.test(text)) return undefined;
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** The page is only read: nothing in it runs, and nothing of it is fetched. */
const pageOf = (text: string): Document => new DOMParser().parseFromString(text, 'text/html');

/** The data for programs in a saved page. */
function pageData(text: string): readonly unknown[] {
  if (!/ld\+json/iu.test(text)) return [];
  return [...pageOf(text).querySelectorAll('script[type="application/ld+json" i]')].flatMap((script) => {
    const json = parsed(script.textContent);
    return json === undefined ? [] : [json];
  });
}

function pageWords(text: string): string {
  const page = pageOf(text);
  for (const e of page.querySelectorAll('script, style, nav, header, footer, template')) e.remove();
  return page.body.textContent
    .replaceAll(/[^\S\n]+/gu, ' ')
    .replaceAll(/\n\s*\n+/gu, '\n')
    .trim();
}
