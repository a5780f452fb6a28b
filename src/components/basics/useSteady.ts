'use client';

import { useMemo } from 'react';

/** A value that is made anew each time, as the same object for as long as the same stands in it. @param value as JSON can say it */
export function useSteady<Value>(value: Value): Value {
  const key = JSON.stringify(value);
  return useMemo(() => JSON.parse(key) as Value, [key]);
}
