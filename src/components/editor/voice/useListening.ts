'use client';

import type { Editor } from '@tiptap/react';
import { useEffect, useRef, useState } from 'react';

/** What we use of the Web Speech API's recognition; `processLocally` keeps what is said on the device. */
interface Recognition {
  lang: string;
  continuous: boolean;
  processLocally: boolean;
  onresult: ((event: RecognitionEvent) => void) | null;
  onend: (() => void) | null;
  start(): void;
  stop(): void;
}
interface RecognitionEvent {
  readonly resultIndex: number;
  readonly results: ArrayLike<ArrayLike<{ readonly transcript: string }> & { readonly isFinal: boolean }>;
}
interface RecognitionMaker {
  new (): Recognition;
  available?(options: { langs: string[]; processLocally: boolean }): Promise<string>;
}

interface Listening {
  /** Whether this browser can listen without sending away what it hears. */
  readonly can: boolean;
  readonly listening: boolean;
  readonly toggle: () => void;
}

/** Writes down what is said where the browser can listen by itself; where it would send it away, there is nothing. */
export function useListening(editor: Editor, language: string): Listening {
  const [can, setCan] = useState(false);
  const [listening, setListening] = useState(false);
  const recognition = useRef<Recognition | null>(null);
  useEffect(() => {
    let left = false;
    const Maker = maker();
    void Maker?.available?.({ langs: [language], processLocally: true }).then(
      (state) => {
        if (!left) setCan(state === 'available');
      },
      // A browser that does not know the question cannot promise the answer.
      () => undefined,
    );
    return () => {
      left = true;
      recognition.current?.stop();
    };
  }, [language]);
  const toggle = () => {
    const Maker = maker();
    if (recognition.current || !Maker) return recognition.current?.stop();
    const made = new Maker();
    made.lang = language;
    made.continuous = true;
    made.processLocally = true;
    made.onresult = ({ resultIndex, results }) => {
      for (let index = resultIndex; index < results.length; index += 1) {
        const result = results[index];
        if (result?.isFinal) editor.commands.insertContent(`${result[0]?.transcript.trim() ?? ''} `);
      }
    };
    made.onend = () => {
      recognition.current = null;
      setListening(false);
    };
    recognition.current = made;
    made.start();
    return setListening(true);
  };
  return { can, listening, toggle };
}

function maker(): RecognitionMaker | undefined {
  return (window as unknown as { SpeechRecognition?: RecognitionMaker }).SpeechRecognition;
}
