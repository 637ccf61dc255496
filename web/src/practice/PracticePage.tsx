import { Empty } from '../kit/States';

export function PracticePage() {
  return (
    <Empty title="Practice bay">
      Apprentices will plan made-up repairs here and see what the eye would make of them, before any paint is mixed.
    </Empty>
  );
}
