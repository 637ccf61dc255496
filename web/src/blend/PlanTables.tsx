import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { BodyShape, JobPlan } from '../api/types';
import { Why, WhyFigure } from '../kit/Why';
import { Measure } from '../kit/Words';

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={title}>
        {children}
      </Box>
    </Box>
  );
}

export function PanelTable({ plan }: { plan: JobPlan }) {
  return (
    <Section title="Panels that take part">
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>Panel</TableCell>
            <TableCell>What happens</TableCell>
            <TableCell align="right">Panel</TableCell>
            <TableCell align="right">Takes colour</TableCell>
            <TableCell>Clear</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.panels.map((p) => (
            <TableRow key={p.id}>
              <TableCell>{p.name}</TableCell>
              <TableCell>
                <Why reasons={[p.why]} label={p.name}>
                  {p.roleWords}
                </Why>
              </TableCell>
              <TableCell align="right">
                <WhyFigure figure={p.area} label={`Area of ${p.name}`} />
              </TableCell>
              <TableCell align="right">
                <WhyFigure figure={p.coloured} label={`Colour on ${p.name}`} />
              </TableCell>
              <TableCell>whole panel</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}

export function ZoneTable({ plan, body }: { plan: JobPlan; body: BodyShape }) {
  const name = (id: string) => body.panels.find((p) => p.id === id)?.name ?? id;
  return (
    <Section title="Zones, from the damage outwards">
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>Zone</TableCell>
            <TableCell>Panel</TableCell>
            <TableCell>What happens there</TableCell>
            <TableCell>Preparation</TableCell>
            <TableCell align="right">Out to here</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.zones.map((z, i) => (
            <TableRow key={`${z.kind}${z.panel}${i}`}>
              <TableCell>{z.words}</TableCell>
              <TableCell>{name(z.panel)}</TableCell>
              <TableCell>{z.what}</TableCell>
              <TableCell>{z.preparation}</TableCell>
              <TableCell align="right">
                <WhyFigure figure={z.area} label={`${z.words}, ${name(z.panel)}`} />
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}

export function CoatTable({ plan }: { plan: JobPlan }) {
  return (
    <Section title="Coats in spraying order">
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>Coat</TableCell>
            <TableCell>In the gun</TableCell>
            <TableCell>Reach</TableCell>
            <TableCell>Pressure</TableCell>
            <TableCell>Distance</TableCell>
            <TableCell>Overlap</TableCell>
            <TableCell>Area</TableCell>
            <TableCell>Then</TableCell>
            <TableCell>Purpose</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {plan.coats.map((c) => (
            <TableRow key={c.id}>
              <TableCell>{c.name}</TableCell>
              <TableCell>{c.mixture}</TableCell>
              <TableCell>
                {c.reach === null ? 'whole panel' : <WhyFigure figure={c.reach} label={`Reach of ${c.name}`} />}
              </TableCell>
              <TableCell>
                <Measure of={c.gun.pressure} />
              </TableCell>
              <TableCell>
                <Measure of={c.gun.distance} />
              </TableCell>
              <TableCell>
                <Measure of={c.gun.overlap} />
              </TableCell>
              <TableCell>
                <WhyFigure figure={c.area} label={`Area of ${c.name}`} />
              </TableCell>
              <TableCell>
                {c.drying}, about <Measure of={c.wait} />
              </TableCell>
              <TableCell>{c.purpose}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Section>
  );
}
