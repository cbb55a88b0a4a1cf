package bemble.app.house;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** The pupils of a class in an order; none for the order of their names. */
record OrderRequest(
    @NotNull(message = "{valid.group-pupils}") @Size(max = 60, message = "{valid.group-pupils}")
        List<@NotNull(message = "{valid.group-pupils}") Long> pupils) {}
