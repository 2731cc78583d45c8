#!/bin/sh
# All balances of a day as a file, and what people are about to lose in the next eight weeks.
#
#   UP_AHEAD=https://leave.example.com UP_AHEAD_TOKEN=up_... ./read-balances.sh 2027-04-26
#
# The token needs "balances and what is ahead" and "see everybody's balances and requests", and only to read.
set -eu

day=${1:?"say as of which day, such as 2027-04-26"}
: "${UP_AHEAD:?say where Up Ahead runs}" "${UP_AHEAD_TOKEN:?say the token}"

ask() {
    curl --silent --show-error --fail-with-body -H "Authorization: Bearer $UP_AHEAD_TOKEN" "$UP_AHEAD$1"
}

ask "/api/balances/table.csv?asOf=$day" > "balances-$day.csv"
echo "balances-$day.csv has $(($(wc -l < "balances-$day.csv") - 1)) balances"

echo "About to lapse:"
ask "/api/ahead/table.csv?weeks=8&what=LAPSE"
