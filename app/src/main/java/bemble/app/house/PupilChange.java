package bemble.app.house;

import bemble.app.words.PlainName;
import jakarta.validation.constraints.NotBlank;

/** How a pupil is to be kept. */
record PupilChange(@NotBlank(message = "{valid.names}") @PlainName String name, boolean left) {}
