'use client';

import { Copy } from 'lucide-react';
import { Button } from './primitives/button';
import { reported } from './reported';
import { say } from './toast-queue';

/** Puts a text where it can be pasted; not there where the browser keeps pages from it, as over plain HTTP. */
export function CopyButton({ text, label }: { text: () => string; label: string }) {
  const clipboard = (navigator as { readonly clipboard?: Clipboard }).clipboard;
  if (!clipboard) return null;
  return (
    <Button
      className="justify-self-start"
      onClick={() => reported(clipboard.writeText(text()).then(() => say('Copied')))}
    >
      <Copy aria-hidden size={18} /> {label}
    </Button>
  );
}
