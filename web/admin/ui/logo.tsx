/** The mark: an arc and a dot, a head that nods. */
export function Logo() {
  return (
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden>
      <path
        d="M4 19v-7a8 8 0 0 1 13.600-5.700"
        fill="none"
        className="stroke-saffron"
        strokeWidth="3.4"
        strokeLinecap="round"
      />
      <circle cx="18.6" cy="15.6" r="2.9" className="fill-ink" />
    </svg>
  );
}
