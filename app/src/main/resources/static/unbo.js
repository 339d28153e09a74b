// What every page needs beyond htmx: the CSRF header, a word when nothing was saved, presses before previews. The files beside it (unbo-….js) are loaded after it, one a feature.
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

  window.unbo = { cookie, say };

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

  // A preview that was lost on its way is asked for once more by itself: it changes nothing, and nobody would press again.
  document.addEventListener("htmx:sendError", (event) => {
    const element = event.detail.elt;
    if (element.getAttribute("hx-sync") === "this:replace" && !element.dataset.askedAgain) {
      element.dataset.askedAgain = "yes";
      window.setTimeout(() => element.dispatchEvent(new Event("input", { bubbles: true })), 1000);
      return;
    }
    say("No connection: nothing was saved. Your entry is still here. Try again when the connection is back.");
  });
  document.addEventListener("htmx:afterOnLoad", (event) => delete event.detail.elt.dataset.askedAgain);

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
})();
