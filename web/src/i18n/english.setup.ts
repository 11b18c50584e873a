import { setLanguage } from './index'

// Tests read the screens in English unless they ask for another language.
await setLanguage('en', ['staff', 'workbench', 'present'])
