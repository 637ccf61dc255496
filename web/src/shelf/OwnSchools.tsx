import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import { Alert, Box, Button, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, useShopSchools } from '../api/queries';
import type { SchoolFile, ShopSchool } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { RecipeDialog } from './RecipeDialog';

/** The shop's own ways to spray: edited as recipes, sent to another shop and taken in from one as files. */
export function OwnSchools() {
  const own = useShopSchools();
  const client = useQueryClient();
  const [editing, setEditing] = useState<ShopSchool | null>(null);
  const renewed = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: keys.shopSchools }),
      client.invalidateQueries({ queryKey: keys.shelf }),
    ]);
  const takeIn = useMutation({
    mutationFn: async (file: File) =>
      unwrap(api.POST('/api/shop-schools', { body: JSON.parse(await file.text()) as SchoolFile })),
    onSuccess: renewed,
  });
  const fault =
    takeIn.error instanceof ApiProblem
      ? (takeIn.error.problem?.errors?.[0]?.detail ?? takeIn.error.message)
      : takeIn.isError
        ? t`This file is no school.`
        : null;
  return (
    <Box>
      {fault !== null && (
        <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
          {fault}
        </Alert>
      )}
      {own.data?.length === 0 && (
        <Typography color="text.secondary" sx={{ mb: 1 }}>
          <Trans>None yet. In Blend, “Keep this plan as our school” puts one here.</Trans>
        </Typography>
      )}
      {(own.data ?? []).map((s) => (
        <Stack key={s.id} direction="row" sx={{ gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 0.5 }}>
          <Typography sx={{ flexGrow: 1 }}>
            <Trans>
              <strong>{s.name}.</strong> {s.school.steps.length} coats. {s.school.how}
            </Trans>
          </Typography>
          <Button variant="outlined" aria-label={t`Edit ${s.name}`} onClick={() => setEditing(s)}>
            <Trans>Edit the recipe</Trans>
          </Button>
          <Button
            startIcon={<DownloadIcon />}
            component="a"
            href={`/api/shop-schools/${s.id}/file`}
            download
            aria-label={t`Download ${s.name}`}
          >
            <Trans>To a file</Trans>
          </Button>
        </Stack>
      ))}
      <FileButton
        label={t`School file`}
        accept=".json,application/json"
        disabled={takeIn.isPending}
        onFile={(file) => takeIn.mutate(file)}
      >
        <Trans>Take in a school</Trans>
      </FileButton>
      {editing !== null && <RecipeDialog school={editing} onClose={() => setEditing(null)} onSaved={renewed} />}
    </Box>
  );
}
