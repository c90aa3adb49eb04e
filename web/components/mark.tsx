// The logo: a half-risen sun with the noon line through it.
export function Mark() {
  return (
    <svg width={22} height={22} viewBox="0 0 22 22" aria-hidden="true" fill="none" strokeWidth={2}>
      <path d="M2 15a9 9 0 0 1 18 0" stroke="var(--ink)" />
      <path d="M2 15h18" stroke="var(--ink)" />
      <path d="M11 15V2" stroke="var(--noon)" strokeWidth={2.4} />
    </svg>
  );
}
