'use client';

import { useEffect, useState } from 'react';
import { useBook } from '@/store/bookStore';

/** A picture as the browser shows it: null while it is fetched, `missing` where this browser does not have it. */
export function usePicture(id: string): { url: string; blob: Blob } | null | 'missing' {
  const [shown, setShown] = useState<{ id: string; url: string; blob: Blob } | 'missing' | null>(
    null,
  );
  useEffect(() => {
    let gone = false;
    let url: string | null = null;
    void useBook
      .getState()
      .pictures()
      ?.get(id)
      .then((kept) => {
        if (gone) return;
        if (!kept) return setShown('missing');
        const blob = new Blob([kept.bytes], { type: 'image/jpeg' });
        url = URL.createObjectURL(blob);
        setShown({ id, url, blob });
      })
      .catch(() => setShown('missing'));
    return () => {
      gone = true;
      if (url !== null) URL.revokeObjectURL(url);
    };
  }, [id]);
  if (shown === 'missing' || shown === null) return shown;
  return shown.id === id ? shown : null;
}
