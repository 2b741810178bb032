'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';

/** The way to all plans, and to be rid of this one; its page is left first, since it is gone then. */
export function PlanActions({ onDelete }: { onDelete: () => Promise<unknown> }) {
  const router = useRouter();
  return (
    <>
      <Button component={Link} href="/design">
        All plans
      </Button>
      <Button
        onClick={() => {
          router.push('/design');
          void onDelete();
        }}
      >
        Delete it
      </Button>
    </>
  );
}
