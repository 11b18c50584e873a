-- What wrk sends: requests of students who are signed in, each with moves of its own.
-- Environment: LOAD_SESSIONS a file of "cookie<tab>token<tab>attempt<tab>page<tab>piece<tab>x<tab>y" lines;
-- LOAD_MOVES moves in a request, 0 for the empty endpoint.
local students = {}
for line in io.lines(os.getenv("LOAD_SESSIONS")) do
  local s = {}
  for part in line:gmatch("[^\t]+") do s[#s + 1] = part end
  students[#students + 1] = s
end
local count = tonumber(os.getenv("LOAD_MOVES"))
local n = 0
math.randomseed(os.time())

local function uuid()
  return string.format("%08x-%04x-4%03x-8%03x-%08x%04x", math.random(0, 0x7fffffff), math.random(0, 0xffff),
    math.random(0, 0xfff), math.random(0, 0xfff), math.random(0, 0x7fffffff), math.random(0, 0xffff))
end

function request()
  n = n + 1
  local s = students[n % #students + 1]
  local headers = { ["Content-Type"] = "application/json", ["Cookie"] = s[1], ["X-XSRF-TOKEN"] = s[2] }
  if count == 0 then return wrk.format("PUT", "/api/v1/session", headers, "") end
  local moves = {}
  for i = 1, count do
    moves[i] = string.format(
      '{"id":"%s","act":{"kind":"put","pageId":"%s","pieceId":"%s","x":%s,"y":%s},"deviceTime":"2026-11-24T10:00:00Z"}',
      uuid(), s[4], s[5], s[6], s[7])
  end
  return wrk.format("POST", "/api/v1/attempts/" .. s[3] .. "/moves", headers, '{"moves":[' .. table.concat(moves, ",") .. "]}")
end
