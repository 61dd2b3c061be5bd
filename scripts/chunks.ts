/** Files in core's rooms, or below web. */
const core = (room: string, ...files: string[]) => new RegExp(`/core/${room}/(${files.join('|')})\\.ts$`)
const web = (folder: string, ...files: string[]) => new RegExp(`/web/${folder}/(${files.join('|')})\\.(ts|vue)(\\?|$)`)
const vuetify = (folder: string, ...files: string[]) =>
  new RegExp(`/vuetify/lib/${folder}/(${files.join('|')})(\\.m?js$|/)`)

/** What of the heart's rooms is not of the heart. */
const APART = '(?!.*\\b(index|checkHouse|byAge|repertoire|readPiece|readRecipe|stock|tidy)\\.ts$)'

/**
 * Files of the build where the builder's own way would be dozens of small ones: each is a question of its own, and a
 * phone asks six at a time. What comes first in a group comes with all of it, so that a group holds what is asked for
 * together; whatever is in none goes where the builder puts it. No group may lead back to one that leads to it: what
 * stands in a circle of files may be asked for before it is there.
 */
const GROUPS: [name: string, ...modules: RegExp[]][] = [
  // What computes on a unit. Apart from it stay what the list of units or the page of a link needs, and schemas.
  [
    'heart',
    core('(plan|prep|cautions|readings|printing|circle|making|supplies)', `${APART}.+`),
    core('ideas', `${APART}(theme|fit|snapshotOf)\\b.*`),
    /\/node_modules\/(pluralize|syllable|normalize-strings)\//,
    core('base', 'kept'),
    core('library', 'pictures', 'recipes/ideas'),
  ],
  // What the application and the pages of links stand on. Whatever a link's page shows may lead to nothing that leads to
  // the application itself: that would open over it.
  [
    'ground',
    /\/node_modules\/(@?vue|@vueuse)\//,
    /plugin-vue:export-helper|vite\/(preload-helper|modulepreload-polyfill)/,
    core('base', 'fault', 'dates', 'wordStyle', 'words', 'names'),
    core('domain', 'lists', 'kinds'),
    core('papers', 'sheetWords'),
    web('api', 'client', 'keptReads', 'liveLine', 'newId'),
    web('composables', 'kept', 'useChosenLook', 'useTold'),
    web('stores', 'keptQueue', 'tickOps'),
    web('parts/frame', 'KobbyMark'),
    web('parts/fields', 'TextButton'),
    web('parts/lines', 'ThingPicture'),
  ],
  // What every view of the application stands on.
  [
    'frame',
    /\/node_modules\/pinia\//,
    core('base', 'byId', 'canonical', 'programDays', 'unitBefore'),
    core('domain', 'beginnings', 'stepIds'),
    core('plan', 'byAge'),
    core('supplies', 'stock', 'tidy'),
    web('composables', 'offlineCopy'),
    web('stores', 'rows', 'session', 'ticks', 'writer'),
    web('parts/frame', 'PlainFrame'),
  ],
  // What the board shares with the other views of a unit.
  [
    'unit',
    core('ideas/styles', 'skeleton', 'startWords'),
    core('library', 'centerPictures'),
    core('papers', 'daySheet', 'sheetPrep'),
    web('composables', 'sortableLater', 'useCardDrag', 'useFirstPlan', 'usePatterns', 'usePictures', 'useRibbon'),
    web('stores', 'board', 'prep'),
    web('parts/frame', 'DayRibbon', 'SegmentedTabs'),
    web('parts/lines', 'ChildMarks'),
    web('parts/shell', 'UnitFrame'),
  ],
  // What is fetched once the page has come to rest.
  [
    'later',
    web('composables', 'ring', 'useGoing'),
    web('parts/frame', 'KeysHelp'),
    web('parts/shell', 'FindAnything', 'LeaveAsk', 'MixAlarm'),
  ],
  // What opens over a page.
  [
    'overlay',
    vuetify('components', 'VDialog', 'VOverlay', 'VMenu/shared', 'transitions/dialog-transition'),
    vuetify('composables', 'delay', 'focusTrap', 'forwardRefs', 'hydration', 'lazy', 'scopeId', 'stack', 'teleport'),
    vuetify('composables', 'transition'),
    vuetify('directives', 'click-outside', 'touch-hold'),
    vuetify('util', 'animation', 'bindProps', 'dom', 'getScrollParent', 'isFixedPosition'),
  ],
  // What is written in.
  [
    'fields',
    vuetify('components', 'V(Checkbox|Combobox|Counter|Field|Input|Label|Messages|Select\\w*|Text\\w+|List|Chip\\w*)'),
    vuetify('components', 'V(Avatar|Badge|Divider|Highlight|Img|Menu/VMenu|Responsive|Sheet|SlideGroup|ThemeProvider)'),
    vuetify('components', 'VVirtualScroll', 'transitions'),
    vuetify('composables', 'auto\\w+', 'filter', 'focus', 'focusGroups', 'form', 'list-items', 'menuActivator'),
    vuetify('composables', 'nested', 'openOnFocus', 'rules', 'ssrBoot', 'validation', 'virtual'),
    vuetify('directives', 'intersect'),
    vuetify('util', 'createSimpleFunctional', 'throttle'),
    web('parts/fields', 'commaList', 'FileIn', 'FormField', 'numberOrNone', 'numbersIn'),
  ],
  // What is written down is held against these.
  [
    'schemas',
    /\/node_modules\/zod\/|\/web\/zod\.ts$/,
    core('domain', 'activity', 'adult', 'batch', 'bin', 'book', 'center', 'child', 'circle', 'home', 'license'),
    core('domain', 'material', 'newRules', 'picture', 'placement', 'prep', 'primitives', 'printSet', 'recipe', 'slow'),
    core('domain', 'stock', 'things', 'tick', 'unit'),
  ],
]

/** The groups as the builder takes them. It takes along nothing of what their files import: that may be an entry. */
export const chunks = {
  includeDependenciesRecursively: false,
  groups: GROUPS.map(([name, ...modules]) => ({ name, test: (id: string) => modules.some((one) => one.test(id)) })),
}
