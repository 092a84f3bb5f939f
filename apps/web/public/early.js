// Runs before the scripts of the page: shows the field where the page will have one, and keeps Enter for it.
const form = document.getElementById('early');
if (form && ['/', '/trouble'].includes(location.pathname)) {
  form.hidden = false;
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    form.dataset.sent = '';
  });
}
