// Our own look for the component library: paper, ink and amber; square-ish corners, hairlines, no shadows.
import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

const amber = {
  50: 'var(--amber-50)',
  100: 'var(--amber-100)',
  200: 'var(--amber-200)',
  300: 'var(--amber-300)',
  400: 'var(--amber-400)',
  500: 'var(--amber-500)',
  600: 'var(--amber-600)',
  700: 'var(--amber-700)',
  800: 'var(--amber-800)',
  900: 'var(--amber-900)',
  950: 'var(--amber-950)',
}

const surface = {
  0: 'var(--surface-0)',
  50: 'var(--surface-50)',
  100: 'var(--surface-100)',
  200: 'var(--surface-200)',
  300: 'var(--surface-300)',
  400: 'var(--surface-400)',
  500: 'var(--surface-500)',
  600: 'var(--surface-600)',
  700: 'var(--surface-700)',
  800: 'var(--surface-800)',
  900: 'var(--surface-900)',
  950: 'var(--surface-950)',
}

export const AmberPreset = definePreset(Aura, {
  components: {
    togglebutton: {
      colorScheme: {
        light: {
          root: {
            background: 'var(--surface-100)',
            hoverBackground: 'var(--surface-200)',
            color: 'var(--on-amber)',
            hoverColor: 'var(--on-amber)',
            checkedColor: 'var(--on-amber)',
            checkedBackground: 'var(--surface-100)',
          },
          content: { checkedBackground: 'var(--amber-lit)' },
        },
        dark: {
          root: {
            background: 'var(--surface-900)',
            hoverBackground: 'var(--surface-700)',
            color: 'var(--ink)',
            hoverColor: 'var(--ink)',
            checkedColor: 'var(--on-amber)',
            checkedBackground: 'var(--surface-900)',
          },
          content: { checkedBackground: 'var(--amber-lit)' },
        },
      },
    },
    button: {
      colorScheme: {
        light: {
          root: {
            secondary: {
              background: 'var(--surface-100)',
              hoverBackground: 'var(--surface-200)',
              activeBackground: 'var(--surface-200)',
              color: 'var(--on-amber)',
              hoverColor: 'var(--on-amber)',
              activeColor: 'var(--on-amber)',
              borderColor: 'var(--edge)',
            },
          },
          text: { secondary: { color: 'var(--ink-second)' } },
        },
        dark: {
          root: {
            secondary: {
              background: 'var(--surface-700)',
              hoverBackground: 'var(--surface-600)',
              activeBackground: 'var(--surface-600)',
              color: 'var(--ink)',
              hoverColor: 'var(--white)',
              activeColor: 'var(--white)',
              borderColor: 'var(--edge)',
            },
          },
          text: { secondary: { color: 'var(--ink-second)' } },
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
        surface,
        primary: {
          color: '{primary.300}',
          contrastColor: 'var(--on-amber)',
          hoverColor: '{primary.400}',
          activeColor: '{primary.400}',
        },
        formField: { background: 'var(--field)', borderColor: 'var(--edge)', color: 'var(--on-amber)' },
        text: { color: 'var(--on-amber)', mutedColor: 'var(--surface-600)' },
      },
      dark: {
        surface,
        primary: {
          color: '{primary.300}',
          contrastColor: 'var(--on-amber)',
          hoverColor: '{primary.200}',
          activeColor: '{primary.200}',
        },
        formField: { background: 'var(--surface-950)', borderColor: 'var(--edge)', color: 'var(--ink)' },
        text: { color: 'var(--ink)', mutedColor: 'var(--ink-second)' },
      },
    },
  },
})
