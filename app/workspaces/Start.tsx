import { Link } from 'react-router';
import { NewClassForm } from './classes/NewClassForm';

/** The empty desk: one form, or the demo. */
export function Start() {
  return (
    <div className="page">
      <div className="row g-4 justify-content-center">
        <div className="col-lg-7">
          <h1 className="mb-2">Which class are you preparing for?</h1>
          <p className="fs-5 quiet">
            Name it and say where it stands. From then on every word, exercise and sheet is checked
            against what this class has been taught.
          </p>
          <div className="card-paper mt-3">
            <NewClassForm />
          </div>
        </div>
        <div className="col-lg-4">
          <div className="card-paper">
            <h2 className="h5">Just looking?</h2>
            <p>
              Open the desk of a made-up school: the Kestrels of Fernhill, with a word list and a
              lesson on long a. One click takes it away again.
            </p>
            <Link className="btn btn-outline-dark" to="/demo">
              Put the demo in
            </Link>
          </div>
          <p className="quiet mt-3">
            Everything stays in this browser. Nothing is sent anywhere, and you can export all of it
            to one file.
          </p>
        </div>
      </div>
    </div>
  );
}
