'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { webAddresses } from '../../../core/document/webAddresses';
import type { DocumentJson } from '../../../core/document/openDocument';
import type { OpenResult } from '../../../core/requirements/post';
import { lookAtLinks } from '../../../contract/doors/lookAtLinks';
import { ask } from '../../basics/call';
import { showResults } from './shutLinks';
import type { Looking } from './LookingContext';

/** How long an address must stand still before anybody is asked about it, in milliseconds. */
const PAUSE = 900;

interface OpenResultsOptions {
  readonly writingId: string;
  readonly classId: string;
  readonly editor: Editor | null;
  readonly body: DocumentJson;
  readonly known: Readonly<Record<string, OpenResult>>;
}

/** Looks at each address in the post once it is there, and marks those in the text that a stranger cannot open. */
export function useOpenResults({ writingId, classId, editor, body, known }: OpenResultsOptions): Looking {
  const [results, setResults] = useState(known);
  const asked = useRef(new Set(Object.keys(known).filter((address) => known[address] === 'opens')));
  const look = useCallback(
    async (addresses: readonly string[]) => {
      if (addresses.length === 0) return;
      for (const address of addresses) asked.current.add(address);
      const outcome = await ask(lookAtLinks, { writingId, addresses: addresses.slice(0, 60) });
      if (outcome.ok) setResults((earlier) => ({ ...earlier, ...outcome.value.results }));
      // Not reached now: the next change of the text asks once more.
      else for (const address of addresses) asked.current.delete(address);
    },
    [writingId],
  );
  const report = useCallback((address: string, result: OpenResult) => {
    asked.current.add(address);
    setResults((earlier) => ({ ...earlier, [address]: result }));
  }, []);
  useEffect(() => {
    if (!editor) return undefined;
    const timer = setTimeout(() => {
      void look(webAddresses(editor.state.doc).filter((address) => !asked.current.has(address)));
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [editor, body, look]);
  useEffect(() => {
    if (editor) showResults(editor, results);
  }, [editor, results]);
  return useMemo(
    () => ({ writingId, classId, results, look, report }),
    [writingId, classId, results, look, report],
  );
}
