'use client';

import { useState } from 'react';
import type { PageBase, PageDeskProps } from './pageDeskProps';
import { PageWriting } from './PageWriting';

/** A page of the class blog as it is written. Going back to an earlier revision begins the writing anew from there. */
export function PageDesk(props: PageDeskProps) {
  const [base, setBase] = useState<PageBase>(props.page);
  return <PageWriting key={base.version} {...props} base={base} onBase={setBase} />;
}
