import { NotHere } from '@/components/NotHere';

export default function NotFound() {
  return (
    <NotHere
      title="There is no such room"
      text="The address leads nowhere. The book is where you left it."
    />
  );
}
