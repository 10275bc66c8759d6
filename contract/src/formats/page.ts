import { fail, succeed, type Result } from '@hollow-moon/core';
import { FILE_LIMIT, parseJson } from './formulaFile';
import type { ListedRecipe } from './lines';
import { recipesOf } from './recipe';

/** A page may be longer than a file of ours: most of it is not the recipe. */
const PAGE_LIMIT = 5 * FILE_LIMIT;

const SCRIPT = /<script\b[^>]{0,300}application\/ld\+json[^>]{0,300}>([\s\S]*?)<\/script>/gi;

/** The texts between two marks, without a pattern that looks for the second again and again. */
function without(text: string, tag: string): string {
  const [first = '', ...rest] = text.split(new RegExp(`<${tag}\\b`, 'i'));
  const ends = new RegExp(`</${tag}>`, 'i');
  return [
    first,
    ...rest.map((each) => {
      const end = ends.exec(each);
      return end ? each.slice(end.index + end[0].length) : '';
    }),
  ].join(' ');
}

/** What a reader of a page sees, a row for each block. */
const seenOf = (page: string): string[] =>
  ['script', 'style', 'nav', 'footer', 'svg', 'head']
    .reduce(without, page)
    .replaceAll(/<(?:br|\/p|\/li|\/h\d|\/div|\/tr|\/td)\b[^<>]{0,200}>/gi, '\n')
    .replaceAll(/<[^<>]{0,2000}>/g, ' ')
    .split('\n')
    .map((row) => row.replaceAll(/[ \t]+/g, ' ').trim())
    .filter(Boolean);

export const isPage = (text: string): boolean =>
  /^\s*(?:<!doctype html|<html|<head|<body|<script|<div|<article)/i.test(text.slice(0, 2000));

/**
 * Reads a saved page: the recipes it says of itself in JSON-LD, or where it has none the text a reader sees. Source: the
 * HTML standard's `script` of type `application/ld+json`.
 */
export function fromPage(page: string): Result<readonly ListedRecipe[]> {
  if (page.length > PAGE_LIMIT)
    return fail('file.too-large', undefined, { most: PAGE_LIMIT / 1000 });
  const said = [...page.matchAll(SCRIPT)].flatMap(([, json]) => {
    const parsed = parseJson(json!.trim().replace(/^<!--|-->$/g, ''));
    const recipes = parsed.ok ? recipesOf(parsed.value) : parsed;
    return recipes.ok ? recipes.value : [];
  });
  if (said.length > 0) return succeed(said);
  const rows = seenOf(page).slice(0, 400);
  return rows.length > 0 ? succeed([{ name: '', lines: rows }]) : fail('file.no-recipe');
}
