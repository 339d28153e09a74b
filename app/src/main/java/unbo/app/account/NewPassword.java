package unbo.app.account;

import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;

/** A new password, typed twice. */
record NewPassword(String password, String again) {

  /** Notes what is wrong at the fields {@code password} and {@code again}. */
  void check(String username, String name, FieldProblems problems) {
    var problem = PasswordRule.problemWith(password, username, name);
    if (problem.isPresent()) {
      problems.add("password", new Problem("", "Not accepted.", problem.get()));
    } else if (!password.equals(again)) {
      problems.add("again", new Problem("", "The two are not the same.", "Type both once more."));
    }
  }
}
