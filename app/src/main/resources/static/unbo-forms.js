// Forms and buttons: print, copy, dialogs, files into fields, pressed twice.
(function () {
  "use strict";
  const { say } = window.unbo;

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-print]")) window.print();
    const copier = event.target.closest("[data-copy]");
    if (copier) copyList(copier);
    const opener = event.target.closest("[data-dialog]");
    if (opener) {
      event.preventDefault();
      document.getElementById(opener.dataset.dialog).showModal();
    }
    document.querySelectorAll("details.top-menu[open]").forEach((menu) => {
      if (!menu.contains(event.target)) menu.open = false;
    });
  });

  // A line to shop by, one spelling a line; the button says what became of it.
  async function copyList(button) {
    const text = Array.from(document.getElementById(button.dataset.copy).children).map((e) => e.textContent).join("\n");
    try {
      await navigator.clipboard.writeText(text);
      button.textContent = "Copied";
    } catch (e) {
      button.textContent = "Not copied: select the text and copy it";
    }
  }

  // A chosen file goes into its field as text, to be looked at before anything is sent.
  document.addEventListener("change", async (event) => {
    const into = event.target.dataset && event.target.dataset.into;
    if (!into || !event.target.files || !event.target.files[0]) return;
    const file = event.target.files[0];
    if (file.size > 200000) {
      say("That file is over 200 kB: split it into smaller ones.");
      return;
    }
    say("");
    document.getElementById(into).value = await file.text();
  });

  // The head of the page stays while its board changes: come back to where one really is.
  document.addEventListener("submit", (event) => {
    const back = event.target.querySelector("input[name=back]");
    if (back) back.value = location.pathname + location.search;
  }, true);

  // Pressed twice, as gloves do: a form that leads to another page is sent once. Those that stay see to it themselves.
  document.addEventListener("submit", (event) => {
    const form = event.target;
    if (event.defaultPrevented || form.method !== "post") return;
    if (form.dataset.sent) {
      event.preventDefault();
      return;
    }
    form.dataset.sent = "yes";
    window.setTimeout(() => delete form.dataset.sent, 5000); // stopped on its way, it may be sent again
  });
  window.addEventListener("pageshow", () => document.querySelectorAll("form[data-sent]").forEach((form) => delete form.dataset.sent));
})();
