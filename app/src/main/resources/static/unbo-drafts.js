// Drafts: what is typed and not saved stays in this tab.
(function () {
  "use strict";

  // Drafts: what is typed and not saved waits in this tab, and comes back if the record has not moved.
  function key(form) {
    return "draft:" + form.getAttribute("action") + ":" + form.dataset.draft + ":" + (form.elements.part ? form.elements.part.value : "");
  }

  function fields(form) {
    return Array.from(form.elements).filter((e) => e.name && e.type !== "hidden" && e.type !== "submit" && e.type !== "password");
  }

  function store(form) {
    const values = fields(form).map((e) => (e.type === "checkbox" || e.type === "radio" ? e.checked : e.value));
    sessionStorage.setItem(key(form), JSON.stringify({ revision: form.elements.revision.value, values }));
  }

  function restore(form) {
    const text = sessionStorage.getItem(key(form));
    if (!text) return;
    const draft = JSON.parse(text);
    const all = fields(form);
    if (draft.revision !== form.elements.revision.value || draft.values.length !== all.length) {
      sessionStorage.removeItem(key(form));
      return;
    }
    let changed = null;
    all.forEach((e, i) => {
      const box = e.type === "checkbox" || e.type === "radio";
      if ((box ? e.checked : e.value) === draft.values[i]) return;
      if (box) e.checked = draft.values[i]; else e.value = draft.values[i];
      changed = changed || e;
    });
    if (changed) changed.dispatchEvent(new Event("input", { bubbles: true }));
  }

  document.addEventListener("input", (event) => {
    const form = event.target.closest && event.target.closest("form[data-draft]");
    if (form) store(form);
  });

  function restoreAll() {
    document.querySelectorAll("form[data-draft]").forEach(restore);
  }

  document.addEventListener("htmx:afterSettle", (event) => {
    if (event.detail.elt && event.detail.elt.id === "board") restoreAll();
  });
  document.addEventListener("DOMContentLoaded", restoreAll);
})();
