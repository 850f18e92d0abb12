/// <reference types="node" />
/** The licences of everything from others that is sent to browsers, gathered from what really went into the build. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

interface Bundled {
  readonly type: 'chunk' | 'asset';
  readonly moduleIds?: readonly string[];
  readonly originalFileNames?: readonly string[];
}

interface Emitting {
  emitFile(file: { readonly type: 'asset'; readonly fileName: string; readonly source: string }): void;
}

/** The folder of the package that a file is from; undefined for our own. */
function packageOf(file: string): string | undefined {
  const found = /^(.*\/node_modules\/(?:@[^/]+\/)?[^/]+)\//.exec(file.replaceAll('\\', '/'));
  return found?.[1];
}

/** Name, version and licence of a package, with the text of it where there is one. */
function noticeOf(folder: string): string {
  const { name, version, license, author } = JSON.parse(
    readFileSync(join(folder, 'package.json'), 'utf8'),
  ) as { name: string; version: string; license?: string; author?: string | { name: string } };
  const by = typeof author === 'string' ? author : author?.name;
  const file = readdirSync(folder).find(each => /^(licen[cs]e|copying)/i.test(each));
  const text =
    file === undefined
      ? `Licence: ${license ?? 'see its package'}`
      : readFileSync(join(folder, file), 'utf8');
  return [`${name} ${version} (${license ?? 'see below'})`, by, text.trim()].filter(Boolean).join('\n\n');
}

const RULER = `\n\n${'-'.repeat(72)}\n\n`;

/**
 * A plugin for the build of the page and one for those of its workers, which know of the same packages; the first writes
 * `notices.txt`. `more` are packages of which files are copied as they are.
 */
export function notices(more: readonly string[]) {
  const folders = new Set<string>();
  const gather = (files: Iterable<string>): void => {
    for (const file of files) {
      const folder = packageOf(file);
      if (folder !== undefined && existsSync(join(folder, 'package.json'))) folders.add(folder);
    }
  };
  const gathering = {
    name: 'gather-notices',
    generateBundle(_options: unknown, bundle: Readonly<Record<string, Bundled>>): void {
      for (const { moduleIds = [] } of Object.values(bundle))
        gather(moduleIds.map(id => id.replace(/^\0/, '')));
    },
  };
  const writing = {
    ...gathering,
    name: 'write-notices',
    enforce: 'post' as const,
    generateBundle(this: Emitting, options: unknown, bundle: Readonly<Record<string, Bundled>>): void {
      gathering.generateBundle(options, bundle);
      gather(more.map(folder => `${folder}/`));
      const all = [...folders].map(noticeOf).sort();
      const source = `Idle Satchel is sent to browsers with parts by others.${RULER}${all.join(RULER)}\n`;
      this.emitFile({ type: 'asset', fileName: 'notices.txt', source });
    },
  };
  return { gathering, writing };
}
