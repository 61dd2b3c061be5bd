import { createApp } from 'vue'
import TextButton from '../parts/fields/TextButton.vue'
import LinkPage from './LinkPage.vue'
import './link.css'

// What a stranger's phone opens: without the frame, the stores and the component library of those who are signed in.
createApp(LinkPage).component('TextButton', TextButton).mount('#app')
