-- A tap on the deck: one cast logged by a device that knows the ground. 
dofile("bin/lib/wrk.lua")
local stint, ground = os.getenv("TAP_STINT"), os.getenv("TAP_GROUND")
math.randomseed(os.time())
wrk.method = "POST"
wrk.headers["Content-Type"] = "application/json"
wrk.headers["Accept"] = "application/json"
function request()
    local id = string.format("%08x-%04x-4%03x-8%03x-%06x%06x", math.random(0, 0x7fffffff), math.random(0, 0xffff), math.random(0, 0xfff), math.random(0, 0xfff), math.random(0, 0xffffff), math.random(0, 0xffffff))
    return wrk.format(nil, nil, nil, string.format('{"events":[{"id":"%s","kind":"casts","at":"%s","stint":"%s","count":1}],"ground":"%s"}', id, os.getenv("TAP_AT"), stint, ground))
end
