package bemble.help;

import bemble.paper.Paper;
import bemble.remark.Remark;
import java.util.Optional;

/**
 * One way of getting a number fact.
 *
 * @param remark how it goes
 * @param drawing its hops or dots, if a picture helps
 */
public record Way(Remark remark, Optional<Paper> drawing) {}
