// Finds text that overlaps other text or is clipped, among what is visible now. Returns one line a finding.
() => {
  const found = [];
  const texts = [];
  const shown = (rect, element) => {
    let box = { left: Math.max(0, rect.left), top: Math.max(0, rect.top), right: Math.min(innerWidth, rect.right), bottom: Math.min(innerHeight, rect.bottom) };
    for (let at = element; at; at = at.parentElement) {
      const style = getComputedStyle(at);
      if (style.visibility === 'hidden' || style.display === 'none' || Number(style.opacity) === 0) return null;
      if (style.overflow !== 'visible' && at !== document.documentElement && at !== document.body) {
        const c = at.getBoundingClientRect();
        box = { left: Math.max(box.left, c.left), top: Math.max(box.top, c.top), right: Math.min(box.right, c.right), bottom: Math.min(box.bottom, c.bottom) };
      }
    }
    return box.right - box.left > 2 && box.bottom - box.top > 4 ? box : null;
  };
  const top = document.querySelector('.MuiDialog-root') ?? document.querySelector('.bench-card') ?? document.body;
  const walker = document.createTreeWalker(top, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const words = node.textContent.trim();
    const element = node.parentElement;
    if (!words || !element || !element.checkVisibility() || element.closest('title, option, style, script')) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const rect of range.getClientRects()) {
      const box = shown(rect, element);
      if (!box) continue;
      const style = getComputedStyle(element);
      if (style.overflow === 'hidden' && element.scrollWidth > element.clientWidth + 1) found.push(`clipped: ${words}`);
      texts.push({ words, element, box });
    }
  }
  for (const input of top.querySelectorAll('input')) {
    if (input.scrollWidth > input.clientWidth + 1) found.push(`clipped: ${input.value}`);
  }
  for (let i = 0; i < texts.length; i++) {
    for (let k = i + 1; k < texts.length; k++) {
      const [a, b] = [texts[i], texts[k]];
      if (a.element === b.element) continue;
      const w = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
      const h = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
      if (w > 2 && h > 4) found.push(`overlap: “${a.words}” and “${b.words}”`);
    }
  }
  return [...new Set(found)];
}
