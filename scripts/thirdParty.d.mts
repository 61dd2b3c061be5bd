export const FILE: string
export const WELCOME: ReadonlySet<string>
export function packages(): { name: string; version: string; license: string }[]
export function text(): string
