import { definePreset } from '@primeuix/themes'
import Base from '@primeuix/themes/nora'

// Enamel and slate, square corners, one ox-blood accent.
const oxblood = {
  50: '#fbf1f2',
  100: '#f4d9dc',
  200: '#e5adb3',
  300: '#d07d87',
  400: '#b24b58',
  500: '#8a1c2c',
  600: '#7c1827',
  700: '#6a1320',
  800: '#560e19',
  900: '#420912',
  950: '#2a050a',
}
const slate = {
  0: '#ffffff',
  50: '#f5f7f6',
  100: '#eceff0',
  200: '#dfe4e3',
  300: '#c3cbc9',
  400: '#8f9a97',
  500: '#5f6b68',
  600: '#4a5452',
  700: '#36413f',
  800: '#24302f',
  900: '#1a2322',
  950: '#0f1615',
}

export const theme = definePreset(Base, {
  primitive: { borderRadius: { none: '0', xs: '0', sm: '0', md: '0', lg: '0', xl: '0' } },
  components: { tabs: { tab: { activeBackground: '#141c1b', activeColor: '#ffffff', activeBorderColor: '#141c1b' } } },
  semantic: {
    primary: oxblood,
    focusRing: { width: '3px', style: 'solid', color: '#1f5fa8', offset: '2px' },
    colorScheme: {
      light: { surface: slate, primary: { color: '#8a1c2c', contrastColor: '#ffffff', hoverColor: '#6a1320', activeColor: '#560e19' } },
    },
  },
})
