const ID = 'nodyes-sign';
const TEXT = {
  draft: 'You are looking at a draft. Shoppers do not see it.',
  ended: 'This link to a draft was changed, or its day is over. You see what shoppers see.',
};

/** Says at the foot of a page that was opened by a link to a draft what is being looked at. */
export function sign(what: keyof typeof TEXT): void {
  let bar = document.getElementById(ID);
  if (!bar) {
    bar = document.createElement('p');
    bar.id = ID;
    bar.setAttribute('role', 'status');
    bar.style.cssText =
      'position:fixed;inset:auto 0 0;z-index:2147483000;margin:0;padding:10px 16px;background:#2C1A30;' +
      'color:#fff;font:14px/1.4 sans-serif;text-align:center';
    document.body.append(bar);
  }
  bar.textContent = TEXT[what];
}
