import { mount, type ComponentMountingOptions } from '@vue/test-utils'
import type { Component } from 'vue'
import TextButton from '../parts/fields/TextButton.vue'

/** A part by itself, in the page's body, without the component library: what it draws of icons is left out. */
export function mountPart<T extends Component>(part: T, options: ComponentMountingOptions<T> = {}) {
  return mount(part, {
    attachTo: document.body,
    ...options,
    global: { components: { TextButton }, stubs: { VIcon: true, 'v-icon': true } },
  } as ComponentMountingOptions<T>)
}
