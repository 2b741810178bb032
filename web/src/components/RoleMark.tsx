import type { Role } from '@cobbet/core/larder/ingredient';
import { colour } from '@/theme/colour';

/** One small drawing for what a thing does in the dip; several roles share one. */
const drawings: Record<Role, string> = {
  legume: 'M4 11c0-4 3-7 7-6s6 5 4 8-5 4-8 3-3-2-3-5z M6 6l-1.500-2',
  'sesame-paste':
    'M3 9h14l-1.500 6c-.4 1.400-1 2-2.500 2H7c-1.500 0-2.100-.6-2.500-2z M5 9c2-3 4 1 6-1s3-1 4 1',
  'nut-seed': 'M10 3c4 2.500 5.500 6 5 9s-2.500 5-5 5-4.500-2-5-5 1-6.500 5-9z M10 7v6',
  'nut-butter':
    'M5 6h10v10c0 .6-.4 1-1 1H6c-.6 0-1-.4-1-1z M4.500 3.500h11V6h-11z M5 11c2-1.500 3 1 5 0s3-1 5 0',
  cheese: 'M3 15 13 4c2 1 4 4 4 7v4z M9 12h.01 M13 11h.01',
  dairy: 'M4 8h12l-1 8c-.1.600-.5 1-1 1H6c-.5 0-.9-.4-1-1z M6 8c0-2.500 1.500-4 4-4s4 1.500 4 4',
  vegetable: 'M8 7c-3 1-4.500 4-4 7s4 3.500 7 2 6-5 5-8-5-2-8-1z M13 6l2-3 M13.500 6 17 5',
  green: 'M4 16C4 9 8 4 16 4c0 8-4 12-10 12 M4 17 11 9.500',
  herb: 'M10 17V8 M10 8c-3 0-4-2-4-5 3 0 4 2 4 5z M10 11c3 0 5-1.500 5-4.500-3 0-5 1.500-5 4.500z M10 14c-3 0-5-1.500-5-4 3 0 5 1.500 5 4z',
  aromatic: 'M10 3c0 3 5 5 5 9.500 0 3-2 4.500-5 4.500s-5-1.500-5-4.500C5 8 10 6 10 3z M10 9v8',
  umami: 'M10 4a6.500 6.500 0 1 0 .01 0z M8 9h4v3H8z',
  oil: 'M10 3c2.500 3.500 5 6 5 9a5 5 0 0 1-10 0c0-3 2.500-5.500 5-9z M7.500 12.500c0 1.500 1 2.500 2.500 2.500 M8 4 6 3',
  liquid: 'M10 3c2.500 3.500 5 6 5 9a5 5 0 0 1-10 0c0-3 2.500-5.500 5-9z',
  acid: 'M10 3.500a6.500 6.500 0 1 0 .01 0z M10 3.500v13 M4.400 6.800l11.200 6.400 M15.600 6.800 4.400 13.200',
  salt: 'M6 5l5-1.500 4.500 4L13 14l-6 2-3.500-5z M6 5l3 4 6.500-1.500 M9 9l-2 7',
  spice:
    'M5 6h.01 M10 4.500h.01 M14 8h.01 M8 10h.01 M12.500 13h.01 M6 14h.01 M10 16.500h.01 M15.500 12h.01',
  sweetener: 'M7 3h6l1 4v8c0 1-.5 2-1.500 2h-5C6.500 17 6 16 6 15V7z M6 10h8',
  'bread-starch': 'M4 8c-1-3 2-4 6-4s7 1 6 4l-1 1v7H5V9z',
  crunch: 'M5 5l3 2-2 3z M12 4l3 3-4 1z M6 13l4-1-1 4z M13 12l3 1-2 3z',
};

const roleNames: Record<Role, string> = {
  legume: 'pulse',
  'sesame-paste': 'sesame paste',
  'nut-seed': 'nut or seed',
  'nut-butter': 'nut butter',
  cheese: 'cheese',
  dairy: 'dairy',
  vegetable: 'vegetable',
  green: 'leaf',
  herb: 'herb',
  aromatic: 'aromatic',
  umami: 'savoury',
  oil: 'oil',
  liquid: 'liquid',
  acid: 'sour',
  salt: 'salt',
  spice: 'spice',
  sweetener: 'sweet',
  'bread-starch': 'bread or starch',
  crunch: 'crunch',
};

/** The drawn mark of a role, named for those who can't see it. */
export function RoleMark({ role, size = 20 }: { role: Role; size?: number }) {
  return (
    <svg
      viewBox="0 0 20 20"
      width={size}
      height={size}
      role="img"
      aria-label={roleNames[role]}
      fill={role === 'oil' ? colour.band : colour.filling}
      stroke={colour.ink}
      strokeWidth={role === 'spice' ? 2.4 : 1.4}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={drawings[role]} />
    </svg>
  );
}
