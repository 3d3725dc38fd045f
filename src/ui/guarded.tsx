'use client';

import { Component, type ComponentType, type ReactNode } from 'react';

/** Stands around what may break. */
export class Guard extends Component<{ children: ReactNode }, { broke: boolean }> {
  override state = { broke: false };
  static getDerivedStateFromError() {
    return { broke: true };
  }
  override render() {
    if (!this.state.broke) return this.props.children;
    return (
      <p role="note" className="border-line text-soft rounded-sheet border px-4 py-3">
        This drawing cannot be shown. What it shows is said in words on this page.
      </p>
    );
  }
}

/** A drawing that takes nothing down with it: where it breaks, the page around it stands. */
export function guarded<P extends object>(Drawing: ComponentType<P>): (props: P) => ReactNode {
  return function Guarded(props: P) {
    return (
      <Guard>
        <Drawing {...props} />
      </Guard>
    );
  };
}
