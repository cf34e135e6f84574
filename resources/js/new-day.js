/** Fills in what the device knows: today's date and the time zone. */
export default () => ({
    init() {
        const now = new Date();
        this.$refs.zone.value ||= Intl.DateTimeFormat().resolvedOptions().timeZone;
        this.$refs.date.value ||= `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
    },
});
