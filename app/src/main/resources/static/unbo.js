// What a page needs beyond htmx: the CSRF header, a word when nothing was saved, drafts, printing.
(function () {
  "use strict";

  function cookie(name) {
    const pair = document.cookie.split("; ").find((c) => c.startsWith(name + "="));
    return pair ? decodeURIComponent(pair.slice(name.length + 1)) : "";
  }

  function say(text) {
    const banner = document.getElementById("banner");
    if (!banner) return;
    banner.textContent = text;
    banner.hidden = !text;
  }

  // The cookie is asked each time, so that a page outlives signing in again in another tab.
  document.addEventListener("htmx:configRequest", (event) => {
    event.detail.headers["X-XSRF-TOKEN"] = cookie("XSRF-TOKEN");
  });

  // A press goes before a preview: one under way is given up, and none is sent while the press is.
  document.addEventListener("htmx:beforeRequest", (event) => {
    const element = event.detail.elt;
    if (element.tagName === "FORM") {
      element.querySelectorAll("[hx-sync='this:replace']").forEach((e) => window.htmx.trigger(e, "htmx:abort"));
    } else if (element.closest("form.htmx-request") && element.getAttribute("hx-sync") === "this:replace") {
      event.preventDefault();
    }
  });

  document.addEventListener("htmx:sendError", () =>
    say("No connection: nothing was saved. Your entry is still here. Try again when the connection is back."));

  document.addEventListener("htmx:responseError", (event) => {
    const status = event.detail.xhr.status;
    say(status === 401
      ? "You are signed out: nothing was saved. Your entry is still here. Sign in in another tab, then try again."
      : said(event.detail.xhr.responseText) || "Not done: nothing was saved. Your entry is still here.");
  });

  // What an error page says, if the answer is one.
  function said(answer) {
    const text = new DOMParser().parseFromString(answer, "text/html").getElementById("error-text");
    return text ? text.textContent : "";
  }

  // An answer without a board is an error page: keep what stands here and say what it says.
  document.addEventListener("htmx:beforeSwap", (event) => {
    // A preview that comes when its sheet has gone has nothing to say any more.
    if (!document.contains(event.detail.target)) {
      event.detail.shouldSwap = false;
      return;
    }
    const answer = event.detail.xhr.responseText;
    if (event.detail.shouldSwap && event.detail.xhr.status >= 400 && !answer.includes('id="board"')) {
      event.detail.shouldSwap = false;
      say(said(answer) || "Not done.");
    } else if (event.detail.shouldSwap) {
      say("");
    }
  });

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

  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-print]")) window.print();
    const copier = event.target.closest("[data-copy]");
    if (copier) copyList(copier);
    const opener = event.target.closest("[data-dialog]");
    if (opener) {
      event.preventDefault();
      document.getElementById(opener.dataset.dialog).showModal();
    }
    if (event.target.closest("[data-keys-switch]")) {
      localStorage.setItem("keys", keysOff() ? "on" : "off");
      labelSwitch();
    }
    document.querySelectorAll("details.top-menu[open]").forEach((menu) => {
      if (!menu.contains(event.target)) menu.open = false;
    });
  });

  // Gauge: while it is switched on, readings come in as events and go into the field last touched by F8 or the
  // button. The browser itself comes back after a lost line and asks for what it missed.
  let gaugeStream = null;
  let gaugeLast = null;
  let gaugeField = null;

  function gaugeOn() {
    return localStorage.getItem("gauge") === "on";
  }

  function gaugeStrip() {
    let strip = document.getElementById("gauge-strip");
    if (!strip) {
      strip = document.createElement("div");
      strip.id = "gauge-strip";
      strip.setAttribute("role", "status");
      strip.innerHTML = "<span class=\"gauge-state\"></span> <b class=\"figure gauge-text\" translate=\"no\"></b>";
      const take = document.createElement("button");
      take.type = "button";
      take.className = "do";
      take.textContent = "Use reading (F8)";
      take.addEventListener("mousedown", (event) => event.preventDefault());
      take.addEventListener("click", takeReading);
      strip.append(take);
      document.body.append(strip);
    }
    return strip;
  }

  function gaugeSay(state) {
    const strip = gaugeStrip();
    strip.querySelector(".gauge-state").textContent = state;
    strip.querySelector(".gauge-text").textContent = gaugeLast ? gaugeLast.text + " " + gaugeLast.unit : "– – –";
  }

  function takeReading() {
    const field = gaugeField && document.contains(gaugeField) ? gaugeField : null;
    if (!gaugeLast) return gaugeSay("no reading yet");
    if (!field) return gaugeSay("choose a field first");
    const many = field.tagName === "TEXTAREA" && field.value.trim() !== "";
    field.value = many ? field.value.trim() + " " + gaugeLast.text : gaugeLast.text;
    field.dispatchEvent(new Event("input", { bubbles: true }));
    field.dispatchEvent(new Event("change", { bubbles: true }));
    gaugeSay(gaugeLast.gauge + ", used");
  }

  function gaugeSwitch() {
    const label = document.querySelector("[data-gauge-switch]");
    if (label) label.firstChild.textContent = gaugeOn() ? "Switch the gauge off" : "Switch the gauge on";
    if (gaugeOn() && !gaugeStream && label) {
      gaugeStream = new EventSource("/gauge/stream");
      gaugeStream.addEventListener("open", () => gaugeSay("gauge on"));
      gaugeStream.addEventListener("error", () => gaugeSay("gauge disconnected; your entry is still here"));
      gaugeStream.addEventListener("reading", (event) => {
        const [gauge, text, unit] = event.data.split("|");
        gaugeLast = { gauge, text, unit };
        gaugeSay(gauge);
      });
      gaugeSay("gauge: waiting");
    } else if (!gaugeOn() && gaugeStream) {
      gaugeStream.close();
      gaugeStream = null;
      gaugeStrip().remove();
    }
  }

  document.addEventListener("focusin", (event) => {
    if (event.target.matches("input[type=text], textarea")) gaugeField = event.target;
  });
  document.addEventListener("keydown", (event) => {
    if (event.key === "F8" && gaugeStream) {
      event.preventDefault();
      takeReading();
    }
  });
  document.addEventListener("click", (event) => {
    if (event.target.closest("[data-gauge-switch]")) {
      localStorage.setItem("gauge", gaugeOn() ? "off" : "on");
      gaugeSwitch();
    }
  });
  document.addEventListener("DOMContentLoaded", gaugeSwitch);
  window.addEventListener("pagehide", () => gaugeStream && gaugeStream.close());

  // The panel of the simulated gauge: sends without leaving the page, again and again if wanted.
  async function panelSends(form) {
    const display = form.querySelector("[data-gauge-display]");
    try {
      const answer = await fetch(form.getAttribute("action"), {
        method: "POST", headers: { "X-XSRF-TOKEN": cookie("XSRF-TOKEN") }, body: new URLSearchParams(new FormData(form)) });
      display.textContent = await answer.text();
    } catch (e) {
      display.textContent = "no connection";
    }
  }
  document.addEventListener("submit", (event) => {
    const form = event.target.closest("form[data-gauge-panel]");
    if (!form) return;
    event.preventDefault();
    panelSends(form);
  });
  window.setInterval(() => {
    const run = document.querySelector("[data-gauge-run]");
    if (run && run.checked) panelSends(run.closest("form"));
  }, 400);

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

  // Examples of the interface: run as any program would, shown as they come.
  document.addEventListener("submit", async (event) => {
    const form = event.target.closest("form[data-api]");
    if (!form) return;
    event.preventDefault();
    const text = form.querySelector("textarea").value;
    const token = document.getElementById("api-token");
    const headers = token && token.value ? { Authorization: "Bearer " + token.value.trim() } : {};
    const get = form.dataset.method === "GET";
    const address = form.getAttribute("action") + (get ? "?" + text.trim().split("&").map((pair) => {
      const [name, ...value] = pair.split("=");
      return encodeURIComponent(name) + "=" + encodeURIComponent(value.join("="));
    }).join("&") : "");
    const status = form.querySelector(".api-status");
    const answer = form.querySelector(".api-answer");
    try {
      const response = await fetch(address, get
        ? { headers, credentials: "omit" }
        : { method: "POST", headers: { ...headers, "Content-Type": "application/json" }, body: text, credentials: "omit" });
      status.textContent = response.status + " " + response.statusText;
      answer.textContent = JSON.stringify(await response.json(), null, 2);
      answer.hidden = false;
    } catch (e) {
      status.textContent = "No answer: is the application still running?";
    }
  });

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
