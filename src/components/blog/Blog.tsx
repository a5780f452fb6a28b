import type { ReactNode } from 'react';
import { lookProperties, type Look } from '../../core/looks/looks';

/** A page of a class blog, in the look of its class. */
export function Blog({ look, children }: { readonly look: Look; readonly children: ReactNode }) {
  return (
    <div className="blog" style={lookProperties(look)}>
      {children}
    </div>
  );
}
