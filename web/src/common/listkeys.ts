/** Whether a key is meant for a field or belongs to the browser, and not for the page. */
export function isTyping(event: KeyboardEvent): boolean {
  const { target } = event;
  return (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (target instanceof HTMLElement &&
      target.matches('input:not([type=checkbox], [type=radio]), textarea, select'))
  );
}

/** Lists move with j and k and open with Enter: the rows are the focusable elements marked with data-row. */
export function listKeys(list: HTMLElement) {
  function move(event: KeyboardEvent) {
    if (isTyping(event)) {
      return;
    }
    const step = event.key === 'j' ? 1 : event.key === 'k' ? -1 : 0;
    if (step === 0) {
      return;
    }
    const rows = [...list.querySelectorAll<HTMLElement>('[data-row]')];
    const at = rows.indexOf(document.activeElement as HTMLElement);
    rows[Math.min(rows.length - 1, Math.max(0, at + step))]?.focus();
  }

  window.addEventListener('keydown', move);
  return { destroy: () => window.removeEventListener('keydown', move) };
}
