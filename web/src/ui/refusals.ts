/** Where the words of a refusal can be read already: the innermost element that shows them, if any does. */
export function isTold(words: string, page: HTMLElement): HTMLElement | undefined {
  const walker = document.createTreeWalker(page, NodeFilter.SHOW_TEXT)
  while (walker.nextNode()) {
    const text = walker.currentNode
    const holder = text.parentElement
    if (holder && text.textContent?.includes(words) && isSeen(holder)) return holder
  }
  return undefined
}

/** Folded away, hidden or in a sheet that is not open? Then nobody reads it. */
function isSeen(element: HTMLElement): boolean {
  return element.checkVisibility?.({ visibilityProperty: true }) ?? !element.closest('[hidden]')
}
