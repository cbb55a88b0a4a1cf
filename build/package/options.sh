# How Java runs Bemble. What was worked out by the build is used, and what is run a few times only is
# not compiled twice: both shorten the start. Pictures of 12 megapixels are read in this much memory;
# without a limit Java takes a gigabyte for them before it tidies up.
OPTIONS=(
  -Xmx320m
  -XX:+UseSerialGC
  -Xlog:cds=off
  -Xlog:cds+dynamic=off
  -Dspring.aot.enabled=true
  -XX:Tier4InvocationThreshold=50000
  -XX:Tier4MinInvocationThreshold=6000
  -XX:Tier4CompileThreshold=150000
  -XX:Tier4BackEdgeThreshold=400000
)
