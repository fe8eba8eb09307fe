#!/bin/sh
# Conversions of GNU units (Debian: apt-get install units), as values/units.json:  sh units.sh > ../values/units.json
one() { units --terse --digits 12 "$1" "$2"; }
printf '{"cases": [\n'
for case in in:mm:0.39 in:mm:1 in:mm:11.75 °F:°C:-4 °F:°C:68 °F:°C:104 'fl oz:mL:0.5' 'fl oz:mL:8' oz:g:0.04 oz:g:1 oz:g:3.5 'grains/US gal:mg/L CaCO₃:1' 'grains/US gal:mg/L CaCO₃:7' 'grains/US gal:mg/L CaCO₃:30'; do
    from=${case%%:*}; rest=${case#*:}; to=${rest%%:*}; value=${rest#*:}
    case "$from" in
        °F) answer=$(one "tempF($value)" tempC) ;;
        'fl oz') answer=$(one "$value usfloz" mL) ;;
        grains*) answer=$(one "$value grain/usgallon" mg/L) ;;
        *) answer=$(one "$value $from" "$to") ;;
    esac
    printf '%s  {"unit": "%s", "value": %s, "book": "%s", "answer": %s}' "$comma" "$from" "$value" "$to" "$answer"
    comma=',
'
done
printf '\n]}\n'
