/** Lists move with j and k and open with Enter: the rows are the focusable elements marked with data-row. */
export function listKeys(list: HTMLElement) {
  function isTyping(target: EventTarget | null): boolean {
    return target instanceof HTMLElement && target.matches('input, textarea, select');
  }

  function move(event: KeyboardEvent) {
    if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) {
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
