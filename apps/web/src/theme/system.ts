import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { COLOURS, FONTS, SIZES } from './tokens.ts';

const tokens = Object.fromEntries(Object.entries(COLOURS).map(([name, value]) => [name, { value }]));

export const system = createSystem(
  defaultBaseConfig,
  defineConfig({
    preflight: true,
    globalCss: {
      '*': { borderColor: 'line' },
      'html, body': {
        background: 'paper',
        color: 'ink',
        fontFamily: FONTS.text,
        fontSize: SIZES.body,
        lineHeight: '1.35',
        fontVariantNumeric: 'tabular-nums',
      },
      a: { color: 'accent', textDecoration: 'underline', textUnderlineOffset: '3px' },
      ':focus-visible': { outline: `2px solid ${COLOURS.accent}`, outlineOffset: '2px' },
    },
    theme: {
      breakpoints: { sm: '480px', md: '768px', lg: '1024px' },
      tokens: {
        colors: tokens,
        fonts: { text: { value: FONTS.text }, measure: { value: FONTS.measure } },
        fontSizes: Object.fromEntries(Object.entries(SIZES).map(([name, value]) => [name, { value }])),
      },
    },
  }),
);
