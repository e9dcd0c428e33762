import { describe, expect, it } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ACT } from './plan/acts.js';
import { GLOSSARY } from './glossary.js';
import { SEEN } from './stove/potWords.js';
import * as mostWords from './words.js';
import { VESSEL_KIND } from './vesselKind.js';

const words = { ...mostWords, VESSEL_KIND };

const SRC = join(__dirname, '..');
const NOT_READ = /\.spec\.|testing|workers|[/\\]keeping[/\\]|[/\\]api[/\\]|main\.ts$/u;

const filesUnder = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesUnder(path);
    return /\.tsx?$/u.test(path) && !NOT_READ.test(path) ? [path] : [];
  });

/** Attributes a reader reads. */
const READ_ATTRIBUTES = /label|placeholder|title|^says$|^what$/iu;

/** Every text a cook may read in a file: what stands between tags, in labels, and in strings that are sentences. */
function textsOf(path: string): readonly string[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true);
  const found: string[] = [];
  // Whatever stands there is read.
  const isWords = /words[/\\](?:screens|ui)[/\\]/u.test(path);
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      // Text with values and bold words in it is one text.
      const joined = (at: readonly ts.JsxChild[]): string =>
        at
          .map((child) =>
            ts.isJsxText(child)
              ? child.text
              : ts.isJsxElement(child) && /^(?:strong|em|span)$/u.test(child.openingElement.tagName.getText())
                ? joined(child.children)
                : ts.isJsxExpression(child) && child.expression
                  ? ts.isStringLiteral(child.expression)
                    ? child.expression.text
                    : ' … '
                  : '. ',
          )
          .join('');
      found.push(joined(node.children));
    } else if (ts.isStringLiteral(node) && ts.isJsxAttribute(node.parent)) {
      if (READ_ATTRIBUTES.test(node.parent.name.getText())) found.push(node.text);
    } else if (ts.isStringLiteral(node) && isWords) {
      found.push(node.text);
    } else if (ts.isStringLiteral(node) && /^[A-Z].*[a-z] [a-z].*[.?!]$/u.test(node.text)) {
      found.push(node.text);
    } else if (ts.isTemplateExpression(node)) {
      const text = node.head.text + node.templateSpans.map((s) => `… ${s.literal.text}`).join('');
      if (isWords || (/[a-z] [a-z]/u.test(text) && /[.?!]$/u.test(text))) found.push(text);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found
    .map((text) =>
      text
        .replaceAll(/\n(?=\S)/gu, '. ')
        .replaceAll(/\s+/gu, ' ')
        .trim(),
    )
    .filter((text) => /[a-z] [a-z]/u.test(text));
}

const MOST_WORDS = 20;
const longIn = (text: string): string[] =>
  text
    .split(/(?<=[.?!:;])\s+/u)
    .filter((sentence) => sentence.split(/\s+/u).filter((w) => /[\p{L}\d…]/u.test(w)).length > MOST_WORDS);

describe('what a cook reads', () => {
  const files = filesUnder(SRC);

  it('is in sentences of at most twenty words', () => {
    const all = files.flatMap((path) =>
      textsOf(path)
        .flatMap(longIn)
        .map((s) => `${path.slice(SRC.length)}: ${s}`),
    );
    expect(all).toEqual([]);
    expect(files.flatMap(textsOf).length).toBeGreaterThan(300);
  });

  it('does not name two things with one word', () => {
    // Lists that stand beside each other on a screen or in a sentence, and the same word in two of them on purpose.
    const SAME_ON_PURPOSE: Readonly<Record<string, string>> = {
      golden: 'a colour, of onion, of grain and of a crust alike',
      brown: 'a colour',
      'deep brown': 'a colour',
      softened: 'a state',
      raw: 'a state',
      soft: 'a texture, wanted or found',
      dry: 'a state',
    };
    const lists: Readonly<Record<string, readonly string[]>> = {
      act: Object.values(ACT).map((a) => a.name),
      seen: Object.values(SEEN),
      ...Object.fromEntries(
        Object.entries(words)
          .filter(([, value]) => typeof value === 'object')
          .map(([name, value]) => [name, Object.values(value as Record<string, string>)]),
      ),
    };
    const where = new Map<string, string[]>();
    for (const [list, all] of Object.entries(lists))
      for (const word of new Set(all.map((w) => w.toLowerCase())))
        where.set(word, [...(where.get(word) ?? []), list]);
    const twice = [...where].filter(([word, of]) => of.length > 1 && !(word in SAME_ON_PURPOSE));
    // A vessel's kind and its method go by one name: they are chosen together.
    expect(twice.filter(([, of]) => of.join() !== 'METHOD,VESSEL_KIND')).toEqual([]);
    for (const [list, all] of Object.entries(lists))
      expect([list, new Set(all).size]).toEqual([list, all.length]);
  });

  it('uses one word for one thing', () => {
    const NOT_SAID: readonly (readonly [RegExp, string])[] = [
      [/\bhobs?\b/iu, 'burner'],
      [/\bsaucepan\b|\bvessel\b/iu, 'pot'],
      [/\btake(?:n)? away\b/iu, 'remove'],
      [/\bkitchens? like yours\b/iu, 'trial pots'],
      [/\bin a hundred\b/iu, 'of 100'],
      [/\bas wanted\b/iu, 'right'],
      [/\bgive or take\b/iu, 'more or less'],
      [/\bby you\b/iu, 'in a pan'],
    ];
    const said = files.flatMap((path) =>
      textsOf(path).flatMap((text) =>
        NOT_SAID.filter(([word]) => word.test(text)).map(
          ([, better]) => `${path.slice(SRC.length)}: ${better}: ${text}`,
        ),
      ),
    );
    expect(said).toEqual([]);
  });

  it('says nothing of an act that its setting, its end or a look can contradict', () => {
    // What stands beside it on the screen, and what would contradict that: both are chosen by the cook.
    const PAIRS: readonly (readonly [string, RegExp])[] = [
      [
        '“lid off” and “lid on” are said by the stage',
        /\blid (?:on|off|stays)\b|\bno lid\b|\bcovered\b|\bclosed as\b/iu,
      ],
      [
        'how hot is said by the stage',
        /\b(?:lowest|low|high|medium) heat\b|\bheat (?:up|down)\b|\boff the heat\b/iu,
      ],
      ['“if you look at 7 min” stands below', /\bpeek|\bnot look\b|\bno looking\b/iu],
      ['how many whistles is said by the end', /\bwhistles?\b/iu],
      ['how long is said by the clock', /\b\d+ min/iu],
    ];
    // What is its own nature: it is taken off the heat to lose its pressure, and turned on a fire that stays.
    const OWN: Readonly<Record<string, readonly string[]>> = {
      release: ['Off the heat.'],
      fryDry: ['a minute covered'],
    };
    const said = Object.entries(ACT).flatMap(([act, { name, what, look }]) =>
      PAIRS.filter(([, words]) =>
        words.test((OWN[act] ?? []).reduce((text, own) => text.replace(own, ''), `${name}. ${what} ${look}`)),
      ).map(([why]) => `${act}: ${why}`),
    );
    expect(said).toEqual([]);
  });

  it('explains a dozen words of ours, each that is on a screen', () => {
    expect(GLOSSARY).toHaveLength(12);
    expect(GLOSSARY.map(([word]) => word)).toEqual([...GLOSSARY.map(([word]) => word)].sort());
    const all = files
      .filter((path) => !path.includes('glossary'))
      .flatMap(textsOf)
      .concat(Object.values(words.METHOD), Object.values(words.RULE))
      .join('\n')
      .toLowerCase();
    // The sling is drawn and not written.
    for (const [word] of GLOSSARY.filter(([w]) => w !== 'sling'))
      expect(all).toContain(word.replace(/s? pot$/u, ' pot'));
  });
});
