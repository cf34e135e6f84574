# Files of general packages that nobody here wrote, for the test that takes them in: fetched from Debian once, unpacked beside the runtime.
SAMPLE_PACKAGES=(r-cran-sf r-cran-terra r-cran-rgdal r-cran-stars r-cran-spdata python3-geopandas)

fetch_samples() {
    local folder="$ROOT/runtime/samples" package
    [ ! -f "$folder/.done" ] || return 0
    step "Fetching sample files of general packages ..."
    rm -rf "$folder" && mkdir -p "$folder/packages"
    (
        cd "$folder/packages" || exit 1
        for package in "${SAMPLE_PACKAGES[@]}"; do
            apt-get download -q "$package" || { apt-get update -q && apt-get download -q "$package"; } || exit 1
            dpkg-deb -x "$package"_*.deb "$folder"
        done
    ) >"$ROOT/runtime/samples.log" 2>&1 || { say "The sample files could not be fetched; see runtime/samples.log"; return 1; }
    rm -rf "$folder/packages"
    touch "$folder/.done"
}
