# The boat's own certificate authority, and the certificate phones are shown. Read by ./admek.

# Days: phones take none that are longer good.
CERTIFICATE_GOOD=397
RENEWED_BEFORE=60
AUTHORITY_GOOD=3650

# Networks like a boat's: the authority vouches for these and for the machine's own names, and for nothing on the internet (RFC 5280, 4.2.1.10).
PRIVATE_NETWORKS=(127.0.0.0/255.0.0.0 10.0.0.0/255.0.0.0 172.16.0.0/255.240.0.0 192.168.0.0/255.255.0.0 169.254.0.0/255.255.0.0
    fc00::/fe00:: fe80::/ffc0:: ::1/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff)

own_names() { { echo "localhost 127.0.0.1"; cat "$MADE/names"; } | tr ' ' '\n' | tr -d '[]' | grep -v '^$' | sort -u; }

is_address() { [[ "$1" =~ ^[0-9.]+$ || "$1" == *:* ]]; }

# openssl COMMAND … with a list of what was signed, for it can tell a beginning in the past: a phone's clock may be behind.
signed() {
    local folder
    folder=$(mktemp -d)
    : >"$folder/index.txt"
    cat >"$folder/ca.conf" <<CONF
[ca]
default_ca = boat
[boat]
database = $folder/index.txt
new_certs_dir = $folder
rand_serial = yes
default_md = sha256
policy = any
unique_subject = no
[any]
commonName = supplied
CONF
    local failed=0
    openssl ca -batch -notext -config "$folder/ca.conf" -startdate "$(date -u -d '2 days ago' +%Y%m%d%H%M%SZ)" "$@" 2>>"$LOG" || failed=1
    rm -rf "$folder"
    return $failed
}

make_authority() {
    local folder="$DATA/tls" name i=0
    {
        printf '[ext]\nbasicConstraints = critical,CA:TRUE,pathlen:0\nkeyUsage = critical,keyCertSign\nsubjectKeyIdentifier = hash\n'
        printf 'nameConstraints = critical,@only\n[only]\n'
        for name in "${PRIVATE_NETWORKS[@]}"; do printf 'permitted;IP.%d = %s\n' $((i += 1)) "$name"; done
        while read -r name; do
            if [[ "$name" == *:* ]]; then
                printf 'permitted;IP.%d = %s/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff\n' $((i += 1)) "$name"
            elif is_address "$name"; then
                printf 'permitted;IP.%d = %s/255.255.255.255\n' $((i += 1)) "$name"
            else
                printf 'permitted;DNS.%d = %s\n' $((i += 1)) "$name"
            fi
        done < <(own_names)
    } >"$folder/ca.ext"
    openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout "$folder/ca.key.part" -subj "/CN=Admek on $(hostname)" \
        -out "$folder/ca.csr" 2>>"$LOG" || return 1
    signed -selfsign -in "$folder/ca.csr" -keyfile "$folder/ca.key.part" -out "$folder/ca.crt.part" -extfile "$folder/ca.ext" -extensions ext \
        -enddate "$(date -u -d "$AUTHORITY_GOOD days" +%Y%m%d%H%M%SZ)" || return 1
    mv "$folder/ca.key.part" "$folder/ca.key"
    mv "$folder/ca.crt.part" "$folder/ca.crt"
}

# Names and addresses the authority may vouch for; an address of another network than she was made on needs a new one.
make_leaf() {
    local folder="$DATA/tls" name alternatives='' i=0
    while read -r name; do
        if is_address "$name"; then alternatives+="IP.$((i += 1)) = $name"$'\n'; else alternatives+="DNS.$((i += 1)) = $name"$'\n'; fi
    done < <(own_names)
    {
        printf '[ext]\nbasicConstraints = critical,CA:FALSE\nkeyUsage = critical,digitalSignature\nextendedKeyUsage = serverAuth\n'
        printf 'subjectAltName = @names\n[names]\n%s' "$alternatives"
    } >"$folder/boat.ext"
    openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout "$folder/boat.key.part" -subj "/CN=$(hostname)" \
        -out "$folder/boat.csr" 2>>"$LOG" || return 1
    signed -in "$folder/boat.csr" -cert "$folder/ca.crt" -keyfile "$folder/ca.key" -out "$folder/boat.crt.part" -extfile "$folder/boat.ext" \
        -extensions ext -enddate "$(date -u -d "$((CERTIFICATE_GOOD - 3)) days" +%Y%m%d%H%M%SZ)" || return 1
    # One that phones would refuse is not shown them.
    openssl verify -CAfile "$folder/ca.crt" "$folder/boat.crt.part" >>"$LOG" 2>&1 || return 1
    mv "$folder/boat.key.part" "$folder/boat.key"
    mv "$folder/boat.crt.part" "$folder/boat.crt"
    own_names >"$folder/names"
}

leaf_is_good() {
    [ -f "$DATA/tls/boat.crt" ] && [ "$(own_names)" = "$(cat "$DATA/tls/names" 2>/dev/null)" ] &&
        openssl x509 -in "$DATA/tls/boat.crt" -noout -checkend $((RENEWED_BEFORE * 86400)) >/dev/null
}

# The authority stays as long as it can vouch for the boat's names: phones trust it.
make_certificate() {
    mkdir -p "$DATA/tls"
    chmod 700 "$DATA/tls"
    local mask made=
    mask=$(umask)
    umask 077
    [ -f "$DATA/tls/ca.crt" ] || { make_authority && made=1; } || fail "The boat's certificate authority could not be made; see $LOG"
    if ! leaf_is_good && ! make_leaf; then
        make_authority && make_leaf && made=1 || fail "The boat's certificate could not be made; see $LOG"
    fi
    umask "$mask"
    rm -f "$DATA"/tls/*.csr "$DATA"/tls/*.ext "$DATA"/tls/*.part
    [ -z "$made" ] || say "The boat has made herself a certificate. Phones are shown how to trust it where they open her address with http:// before it."
    say "The fingerprint of her certificate: $(openssl x509 -in "$DATA/tls/ca.crt" -noout -fingerprint -sha256 | cut -d= -f2)"
}

# The network has other addresses now.
renew_certificate() {
    leaf_is_good && return
    make_certificate
    cp "$DATA/tls/ca.crt" "$MADE/trust/boat.crt"
    kill -HUP "${SERVER[nginx]}"
}
