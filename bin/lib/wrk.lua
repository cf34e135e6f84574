-- Prints what bin/bench reads: requests a second, 95th percentile in ms, answers that were not 2xx.
local threads = {}
function setup(thread) table.insert(threads, thread) end
function init() bad = 0 end
function response(status) if status < 200 or status > 299 then bad = bad + 1 end end
function done(summary, latency)
    local sum = 0
    for _, thread in ipairs(threads) do sum = sum + thread:get("bad") end
    io.write(string.format("rate %.2f\np95 %.2f\nbad %d\n", summary.requests / summary.duration * 1e6, latency:percentile(95) / 1000, sum))
end
