// Keys: shortcuts, and the switch that turns them off.
(function () {
  "use strict";

  // Keys: one each, outside fields, for whatever on the page names one; off on request.
  function keysOff() {
    return localStorage.getItem("keys") === "off";
  }

  function labelSwitch() {
    const button = document.querySelector("[data-keys-switch]");
    if (button) button.textContent = keysOff() ? "Turn the shortcuts on" : "Turn the shortcuts off";
  }

  function neighbour(step) {
    const rows = Array.from(document.querySelectorAll(".parts-row a"));
    const now = rows.findIndex((row) => row.classList.contains("is-selected"));
    const next = rows[(now + step + rows.length) % rows.length];
    if (rows.length && next) next.click();
  }

  document.addEventListener("keydown", (event) => {
    const at = event.target;
    const typing = at.matches && at.matches("input:not([type=checkbox]):not([type=radio]), textarea, select");
    if (typing || event.ctrlKey || event.altKey || event.metaKey) return;
    if (keysOff() && event.key !== "?") return;
    if (document.querySelector("dialog[open]")) return;
    if (event.key === "," || event.key === ".") {
      neighbour(event.key === "." ? 1 : -1);
      return;
    }
    const wanted = Array.from(document.querySelectorAll("[data-key]")).find((e) => e.dataset.key === event.key);
    if (!wanted) return;
    event.preventDefault();
    if (wanted.matches("input")) {
      if (wanted.offsetParent) wanted.focus(); else location.assign("/search");
    } else {
      wanted.click();
    }
  });
  document.addEventListener("DOMContentLoaded", labelSwitch);

  document.addEventListener("click", (event) => {
    if (!event.target.closest("[data-keys-switch]")) return;
    localStorage.setItem("keys", keysOff() ? "on" : "off");
    labelSwitch();
  });
})();
