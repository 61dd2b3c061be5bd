import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { startHere } from './composables/startHere'
import TextButton from './parts/fields/TextButton.vue'
import { router } from './router'
import './theme/tokens.css'
import './theme/library.css'
import './theme/frame.css'
import { vuetify } from './theme/vuetify'

const app = createApp(App).directive('start-here', startHere).component('TextButton', TextButton).use(createPinia())
// Reading the modules was one long piece of work already: whoever waits to be heard comes in between the next.
for (const piece of [() => app.use(router), () => app.use(vuetify), () => app.mount('#app')]) setTimeout(piece)
