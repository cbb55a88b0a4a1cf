# How Java runs Bemble. What was worked out by the build is used, and what is run a few times only is
# not compiled twice: both shorten the start.
OPTIONS=(
  -XX:+UseSerialGC
  -Xlog:cds=off
  -Xlog:cds+dynamic=off
  -Dspring.aot.enabled=true
  -XX:Tier4InvocationThreshold=50000
  -XX:Tier4MinInvocationThreshold=6000
  -XX:Tier4CompileThreshold=150000
  -XX:Tier4BackEdgeThreshold=400000
)
