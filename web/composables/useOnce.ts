import { readonly, ref, watch, type Ref } from 'vue'

/** True from the first time that something is so: what it takes is fetched then, and stays. */
export function useOnce(is: () => boolean): Readonly<Ref<boolean>> {
  const was = ref(false)
  watch(
    is,
    (now) => {
      if (now) was.value = true
    },
    { immediate: true },
  )
  return readonly(was)
}
