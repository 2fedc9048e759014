/** One section on paper without the rest of its page. */

const MARK = 'data-alone';

/** @param section that is printed alone; the page is as it was once the paper is on its way */
export function printAlone(section: Element): void {
  const root = document.documentElement;
  section.setAttribute(MARK, '');
  root.setAttribute(MARK, '');
  const back = (): void => {
    section.removeAttribute(MARK);
    root.removeAttribute(MARK);
    window.removeEventListener('afterprint', back);
  };
  window.addEventListener('afterprint', back);
  window.print();
}
