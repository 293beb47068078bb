// Our own look for the component library: paper, ink and amber; square-ish corners, hairlines, no shadows.
import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

const amber = {
  50: '#fdf5e4',
  100: '#fae6bd',
  200: '#f6d590',
  300: '#f2b544',
  400: '#dd9a2b',
  500: '#c27a14',
  600: '#a8670f',
  700: '#8a5208',
  800: '#6e4107',
  900: '#553206',
  950: '#321d03',
}

const slate = {
  0: '#fbf6eb',
  50: '#f4ede0',
  100: '#e9dfcc',
  200: '#d2c5ac',
  300: '#b5a98f',
  400: '#8c8676',
  500: '#6b6f6c',
  600: '#4c575a',
  700: '#3a4448',
  800: '#252c2f',
  900: '#1e2427',
  950: '#15191b',
}

export const AmberPreset = definePreset(Aura, {
  components: {
    togglebutton: {
      colorScheme: {
        light: {
          root: {
            background: '#e9dfcc',
            hoverBackground: '#d2c5ac',
            color: '#1d2225',
            hoverColor: '#1d2225',
            checkedColor: '#1d2225',
            checkedBackground: '#e9dfcc',
          },
          content: { checkedBackground: '#f2b544' },
        },
        dark: {
          root: {
            background: '#1e2427',
            hoverBackground: '#3a4448',
            color: '#ece5d6',
            hoverColor: '#ece5d6',
            checkedColor: '#1d2225',
            checkedBackground: '#1e2427',
          },
          content: { checkedBackground: '#f2b544' },
        },
      },
    },
    button: {
      colorScheme: {
        light: {
          root: {
            secondary: {
              background: '#e9dfcc',
              hoverBackground: '#d2c5ac',
              activeBackground: '#d2c5ac',
              color: '#1d2225',
              hoverColor: '#1d2225',
              activeColor: '#1d2225',
              borderColor: '#8c8676',
            },
          },
        },
        dark: {
          root: {
            secondary: {
              background: '#3a4448',
              hoverBackground: '#4c575a',
              activeBackground: '#4c575a',
              color: '#ece5d6',
              hoverColor: '#fff',
              activeColor: '#fff',
              borderColor: '#8c8676',
            },
          },
        },
      },
    },
  },
  primitive: { borderRadius: { none: '0', xs: '2px', sm: '4px', md: '6px', lg: '8px', xl: '10px' } },
  semantic: {
    primary: amber,
    focusRing: { width: '3px', style: 'solid', color: 'var(--focus)', offset: '2px' },
    formField: { paddingX: '0.75rem', paddingY: '0.7rem', borderRadius: '6px' },
    colorScheme: {
      light: {
        surface: slate,
        primary: {
          color: '{primary.300}',
          contrastColor: '#1d2225',
          hoverColor: '{primary.400}',
          activeColor: '{primary.400}',
        },
        formField: { background: '#fffdf7', borderColor: '#8c8676', color: '#1d2225' },
        text: { color: '#1d2225', mutedColor: '#4c575a' },
      },
      dark: {
        surface: slate,
        primary: {
          color: '{primary.300}',
          contrastColor: '#1d2225',
          hoverColor: '{primary.200}',
          activeColor: '{primary.200}',
        },
        formField: { background: '#15191b', borderColor: '#8c8676', color: '#ece5d6' },
        text: { color: '#ece5d6', mutedColor: '#aab2b0' },
      },
    },
  },
})
