# Reads an iCalendar file with Debian's python3-icalendar and says what stands in it, as JSON.
import json
import sys

from icalendar import Calendar

with open(sys.argv[1], "rb") as file:
    calendar = Calendar.from_ical(file.read())
print(json.dumps([{
    "uid": str(event["UID"]), "sequence": int(event["SEQUENCE"]), "status": str(event["STATUS"]),
    "start": event["DTSTART"].dt.isoformat(), "end": event["DTEND"].dt.isoformat(),
    "summary": str(event["SUMMARY"]), "description": str(event["DESCRIPTION"]),
} for event in calendar.walk("VEVENT")]))
