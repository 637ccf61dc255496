/** Lights and observers that instruments compute colours for. */
export const VIEWINGS = ['D65/10', 'D65/2', 'D50/2', 'A/10'] as const;
