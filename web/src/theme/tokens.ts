/**
 * Colours of the interface. Everything is achromatic but three: one for what can be pressed, one for "look out",
 * one for "stop". Paint is judged on a neutral surround (ASTM D1729), so no tinted greys.
 */
export interface Tokens {
  ground: string;
  surface: string;
  raised: string;
  line: string;
  ink: string;
  inkSoft: string;
  press: string;
  pressInk: string;
  lookOut: string;
  stop: string;
  panel: string;
  panelInPlay: string;
  panelLine: string;
  primer: string;
  /** A repair on a panel of any colour. */
  patch: string;
  patchInk: string;
  /** glass, wheels and lamps of the car around */
  trim: string;
  bed: string;
  /** What paint is judged on: about Munsell N7, the same in every theme (ASTM D1729). */
  plate: string;
  plateInk: string;
  /** The ground a car stands on in a picture. */
  floor: string;
}

export const LIGHT: Tokens = {
  ground: '#ececec',
  surface: '#f9f9f9',
  raised: '#ffffff',
  line: '#c4c4c4',
  ink: '#1b1b1b',
  inkSoft: '#565656',
  press: '#0a5580',
  pressInk: '#ffffff',
  lookOut: '#8a4b00',
  stop: '#b01212',
  panel: '#d2d2d2',
  panelInPlay: '#ffffff',
  panelLine: '#5f5f5f',
  primer: '#8b8b8b',
  trim: '#dcdcdc',
  patch: '#ffffff',
  patchInk: '#101010',
  bed: '#a8a8a8',
  plate: '#adadad',
  plateInk: '#101010',
  floor: '#979797',
};

export const DARK: Tokens = {
  ground: '#1a1a1a',
  surface: '#232323',
  raised: '#2c2c2c',
  line: '#4a4a4a',
  ink: '#f2f2f2',
  inkSoft: '#b9b9b9',
  press: '#86c9f2',
  pressInk: '#101010',
  lookOut: '#ffbe6b',
  stop: '#ff9a90',
  panel: '#3d3d3d',
  panelInPlay: '#5a5a5a',
  panelLine: '#a9a9a9',
  primer: '#c4c4c4',
  trim: '#262626',
  patch: '#ffffff',
  patchInk: '#101010',
  bed: '#868686',
  plate: '#adadad',
  plateInk: '#101010',
  floor: '#979797',
};

export const BOOTH: Tokens = {
  ...DARK,
  ground: '#060606',
  surface: '#101010',
  raised: '#191919',
  line: '#555555',
  ink: '#ffffff',
  inkSoft: '#cfcfcf',
  panel: '#2b2b2b',
  panelInPlay: '#4d4d4d',
};
