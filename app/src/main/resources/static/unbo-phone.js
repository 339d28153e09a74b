// What only the phone needs: rows that are pushed sideways show what is open, and the section folds beside a worksheet.
(function () {
  "use strict";

  // Opened once, it stays open on the next station too.
  let opened = false;

  function showCurrent() {
    document.querySelectorAll(".stations .is-now, .parts-row .is-selected").forEach((item) => {
      const row = item.closest("ol");
      const away = item.getBoundingClientRect().left - row.getBoundingClientRect().left;
      row.scrollLeft += away - (row.clientWidth - item.offsetWidth) / 2;
    });
  }

  function fold() {
    document.querySelectorAll(".drawing-frame.is-folded, .drawing-frame.is-opened").forEach((frame) => {
      frame.classList.toggle("is-folded", !opened);
      frame.classList.toggle("is-opened", opened);
      const button = frame.querySelector(".fold");
      button.setAttribute("aria-expanded", String(opened));
      button.querySelector(".fold-word").textContent = opened ? "fold section" : "show section";
    });
  }

  function arrange() {
    fold();
    showCurrent();
  }

  document.addEventListener("click", (event) => {
    if (!event.target.closest(".fold")) return;
    opened = !opened;
    fold();
  });

  document.addEventListener("DOMContentLoaded", arrange);
  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.detail.target.id === "board") arrange();
  });
})();
