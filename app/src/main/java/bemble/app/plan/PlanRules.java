package bemble.app.plan;

import bemble.app.house.ClassMapper;
import bemble.app.house.SharesRow;
import bemble.app.plan.PlanJson.SharesRequest;
import bemble.app.plan.PlanJson.SharesView;
import bemble.progress.Rules;
import org.springframework.stereotype.Component;

/** The rules that a class is planned by; three of them may be chosen by its teacher. */
@Component
class PlanRules {
  private final ClassMapper mapper;

  PlanRules(ClassMapper mapper) {
    this.mapper = mapper;
  }

  Rules of(long classId) {
    return mapper
        .shares(classId)
        .map(
            row ->
                Rules.STANDARD.with(
                    row.openerShare() / 100.0, row.halfShare() / 100.0, row.thirdShare() / 100.0))
        .orElse(Rules.STANDARD);
  }

  SharesView view(long classId) {
    Rules rules = of(classId);
    return new SharesView(
        percent(rules.shares().opener()),
        percent(rules.next().half()),
        percent(rules.next().third()),
        PlanWords.rules(rules));
  }

  static int percent(double share) {
    return (int) Math.round(100 * share);
  }

  void choose(long classId, SharesRequest request) {
    mapper.putShares(classId, new SharesRow(request.opener(), request.half(), request.third()));
  }
}
