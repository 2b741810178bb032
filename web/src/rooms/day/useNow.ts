'use client';

import { useEffect, useState } from 'react';
import { nowOffset, type PlanClock } from './clock';

const everyMs = 20_000;

/** Minutes from serving that it is now, kept up with the clock; null until it has been looked at. */
export function useNow(plan: PlanClock): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const look = () => setNow(nowOffset(plan));
    look();
    const timer = setInterval(look, everyMs);
    return () => clearInterval(timer);
  }, [plan]);
  return now;
}
