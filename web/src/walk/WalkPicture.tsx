import { Box } from '@mui/material';
import { useEffect, useState } from 'react';
import type { BodyShape, Simulation, Walk } from '../api/types';
import type { Pair } from '../map/geometry';
import { aspecular, roomOf, sidesInPlay } from './stand';
import { worstStand } from './worst';

const W = 960;
const H = 600;

interface Props {
  walk: Walk;
  body: BodyShape;
  inPlay: readonly string[];
  middle: Pair;
  worst: Simulation['worst'];
  surround: string;
  floor: string;
  alt: string;
}

/** What one would see from where the most is seen, without anything to press; nothing where WebGL is missing. */
export function WalkPicture({ walk, body, inPlay, middle, worst, surround, floor, alt }: Props) {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    const draw = async () => {
      const { WalkScene } = await import('./WalkScene');
      const [side] = sidesInPlay(body, inPlay);
      if (gone || side === undefined) {
        return;
      }
      const canvas = document.createElement('canvas');
      const scene = new WalkScene(canvas, surround, floor);
      const room = roomOf(side, worstStand(side, walk, worst, middle));
      scene.setCar(side, walk, body.trim);
      scene.render(room, aspecular(room.gaze, room.eye, room.lamp), 1, W, H, 1);
      setUrl(canvas.toDataURL('image/png'));
      scene.dispose();
    };
    draw().catch(() => setUrl(null));
    return () => {
      gone = true;
    };
  }, [walk, body, inPlay, middle, worst, surround, floor]);
  return url === null ? null : (
    <Box
      component="img"
      src={url}
      alt={alt}
      sx={{ width: '100%', height: '100%', objectFit: 'cover', display: 'block' }}
    />
  );
}
