import { Typography } from '@mui/material';
import { Empty } from '../kit/States';

export function PracticePage() {
  return (
    <>
      <title>Practice bay, Kalopsis</title>
      <Typography variant="h1" sx={{ p: 3, pb: 0 }}>
        Practice bay
      </Typography>
      <Empty title="Not built yet">
        Apprentices will plan made-up repairs here and see what the eye would make of them, before any paint is mixed.
      </Empty>
    </>
  );
}
