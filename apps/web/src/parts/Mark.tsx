/** The sign of the program: four corners of a frame and a picture that fits. */
export function Mark() {
  return (
    <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
      <path d="M1 7V1h6M15 1h6v6M21 15v6h-6M7 21H1v-6" fill="none" stroke="#14191c" strokeWidth="2" />
      <rect x="6" y="8" width="10" height="6" fill="#0b5160" />
    </svg>
  );
}
