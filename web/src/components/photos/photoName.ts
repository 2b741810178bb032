import type { Photo } from '@cobbet/core/book/photo';
import { shortDay } from '../day';

/** What a picture is called to who can't see it. */
export const photoName = ({ note, step, takenAt }: Photo): string =>
  note !== '' ? note : `Picture${step === undefined ? '' : ` ${step}`}, ${shortDay(takenAt)}`;
