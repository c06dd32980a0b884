--- The scale under the shelf: grams out of raw counts.
-- @module scale
local Scale = {}
Scale.__index = Scale

--- What the cell counts without a load.
local TARE = 8192

--- Makes a scale; `factor` is grams per count.
function Scale.new(port, factor)
  return setmetatable({ port = port, factor = factor or 0.5, last = nil }, Scale)
end

--- Reads the scale once.
function Scale:read()
  local counts = tonumber(self.port:read("*l")) or TARE
  self.last = (counts - TARE) * self.factor
  return self.last
end

--- Waits until two readings agree.
function Scale:settled(most)
  local before = self:read()
  for _ = 1, most or 10 do
    local now = self:read()
    if math.abs(now - before) < 2 then
      return now
    end
    before = now
  end
  return nil, "the scale does not settle"
end

return Scale
