import { chakra, defineRecipe } from '@chakra-ui/react';

/** Buttons and fields of the whole interface: square corners, strong borders, no shadows. */

const button = defineRecipe({
  className: 'af-button',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    minHeight: '36px',
    paddingInline: '14px',
    borderRadius: '2px',
    borderWidth: '1.5px',
    borderStyle: 'solid',
    fontWeight: '600',
    fontSize: 'body',
    lineHeight: '1.2',
    cursor: 'pointer',
    whiteSpace: 'nowrap',
    textDecoration: 'none',
    _disabled: { cursor: 'not-allowed', background: 'paper', color: 'inkSoft', borderColor: 'line' },
  },
  variants: {
    look: {
      main: {
        background: 'accent',
        color: 'white',
        borderColor: 'accent',
        _hover: { background: 'accentDeep', _disabled: { background: 'paper' } },
      },
      plain: { background: 'sheet', color: 'ink', borderColor: 'ink', _hover: { background: 'accentWash' } },
      quiet: {
        background: 'transparent',
        color: 'ink',
        borderColor: 'line',
        minHeight: '30px',
        paddingInline: '10px',
        _hover: { background: 'accentWash' },
      },
      text: {
        background: 'transparent',
        color: 'accent',
        borderColor: 'transparent',
        borderWidth: '0',
        minHeight: '24px',
        paddingInline: '0',
        textDecoration: 'underline',
        textUnderlineOffset: '3px',
        _hover: { color: 'accentDeep' },
      },
    },
  },
  defaultVariants: { look: 'plain' },
});

const field = defineRecipe({
  className: 'af-field',
  base: {
    minHeight: '32px',
    paddingInline: '8px',
    background: 'sheet',
    color: 'ink',
    borderWidth: '1.5px',
    borderStyle: 'solid',
    borderColor: 'inkSoft',
    borderRadius: '2px',
    fontSize: 'body',
    maxWidth: '100%',
    _invalid: { borderColor: 'needsYou' },
  },
});

export const Button = chakra('button', button, { defaultProps: { type: 'button' } });
export const Input = chakra('input', field);
export const Select = chakra('select', field);
