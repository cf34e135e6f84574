-- The live slice: one field of the conditions changed, the reading sent back.
dofile("bin/lib/wrk.lua")
local n = 0
wrk.method = "PATCH"
wrk.headers["Content-Type"] = "application/json"
wrk.headers["Accept"] = "application/json"
function request()
    n = n + 1
    return wrk.format(nil, nil, nil, string.format('{"field":"water.temp_f","value":%d}', 45 + n % 12))
end
