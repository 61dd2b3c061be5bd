import { createApp } from 'vue'
import LinkPage from './LinkPage.vue'
import './link.css'

// What a stranger's phone opens: without the frame, the stores and the component library of those who are signed in.
createApp(LinkPage).mount('#app')
